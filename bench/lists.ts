import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { openDb } from '../db/open'
import { overviewsFound, overviewsOfDay, overviewsOfOtherDays } from '../db/queries/overviews'
import { fillBigClinic } from './big-clinic'
import { ratio, report, share, timed } from './measure'

const DAY = 86_400_000
const RUNS = 200
const PAGE = 41

const COLUMNS =
  'e.id, e.at, p.id, p.number, p.name, p.work, o.age, o.complaint, o.state, o.progress, o.go_on, o.conclusion, o.head, o.covers FROM exams e JOIN people p ON p.id = e.person_id JOIN overviews o ON o.exam_id = e.id'

/**
 * Today and search against the same query in plain SQL, in a small clinic and in the same clinic grown.
 *
 * @param sizes - examinations, smallest first; fifty events each
 */
export function lists(sizes: readonly number[]): void {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-lists-'))
  const db = openDb(path.join(folder, 'clinic.sqlite'))
  const raw = db.$client
  const now = Date.UTC(2026, 10, 25, 12)
  const day = { from: now - DAY / 2, to: now + DAY / 2 }
  const today = raw.prepare(`SELECT ${COLUMNS} WHERE e.at >= ? AND e.at < ? ORDER BY e.at, e.id`).raw()
  const others = raw.prepare(`SELECT ${COLUMNS} WHERE (e.at < ? OR e.at >= ?) ORDER BY e.at DESC, e.id DESC LIMIT ?`).raw()
  const search = raw
    .prepare(`SELECT ${COLUMNS} WHERE o.n IN (SELECT rowid FROM search WHERE search MATCH ? ORDER BY rowid DESC LIMIT ?) ORDER BY e.at DESC, e.id DESC`)
    .raw()
  const lines: string[] = []
  const medians: { readonly today: number; readonly rare: number; readonly common: number }[] = []
  let before = 0
  for (const size of sizes) {
    fillBigClinic(db, size, now, before)
    before = size
    raw.exec('ANALYZE')
    const median = (work: () => void) => share(timed(RUNS, work), 0.5)
    const pair = (ours: () => void, plain: () => void) => {
      const [a, b] = [median(ours), median(plain)]
      return { ours: a, words: `${a.toFixed(2)} ms, ${ratio(a, b)} the raw query` }
    }
    const day1 = pair(
      () => {
        overviewsOfDay(db, day.from, day.to)
        overviewsOfOtherDays(db, day, PAGE)
      },
      () => {
        today.all(day.from, day.to)
        others.all(day.from, day.to, PAGE)
      },
    )
    const find = (text: string, match: string) =>
      pair(
        () => {
          overviewsFound(db, text, 60)
        },
        () => {
          search.all(match, 60)
        },
      )
    const rare = find('oakhollow 10', '"oakhollow"* "10"*')
    const common = find('wenna calf', '"wenna"* "calf"*')
    medians.push({ today: day1.ours, rare: rare.ours, common: common.ours })
    lines.push(
      `${size.toLocaleString('en')} examinations, ${(size * 50).toLocaleString('en')} events: Today ${day1.words}; a rare word ${rare.words}; a common word ${common.words}`,
    )
  }
  const [first, last] = [medians[0], medians.at(-1)]
  if (first && last) {
    lines.push(
      `grown ${ratio(sizes.at(-1) ?? 1, sizes[0] ?? 1)}: Today ${ratio(last.today, first.today)} as long, a rare word ${ratio(last.rare, first.rare)}, a common word ${ratio(last.common, first.common)}`,
    )
  }
  db.$client.close()
  rmSync(folder, { recursive: true })
  report('Lists: Today with a page of earlier ones, and search', lines)
}
