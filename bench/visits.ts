import { ratio, report, share } from './measure'
import { withServers } from './servers'
import { fillKeptClinic } from './kept-clinic'
import { fillDemoClinic } from '../db/demo/clinic'

const RUNS = 60
const DAY = 86_400_000

/**
 * The page of a person with five visits, and the audit of a year, against the least page of the framework; in a small clinic and in a
 * large one, so that it shows whether other people cost anything.
 */
export async function visits(sizes: readonly number[]): Promise<void> {
  const lines: string[] = []
  const pages: number[] = []
  const figures: number[] = []
  for (const exams of sizes) {
    let person = ''
    const now = Date.now()
    await withServers(
      (db) => {
        fillDemoClinic(db, new Date(now))
        person = fillKeptClinic(db, exams, now)
      },
      async ({ ours, bare }) => {
        const times = { page: [] as number[], figures: [] as number[], bare: [] as number[] }
        for (let i = -10; i < RUNS; i++) {
          for (const [name, url] of [
            ['page', `${ours}/person/${person}`],
            ['figures', `${ours}/person/${person}/figures`],
            ['bare', bare],
          ] as const) {
            const began = performance.now()
            const answer = await fetch(url)
            await answer.text()
            if (!answer.ok) throw new Error(`${url} answered ${answer.status}`)
            if (i >= 0) times[name].push(performance.now() - began)
          }
        }
        const median = (of: number[]) =>
          share(
            of.toSorted((a, b) => a - b),
            0.5,
          )
        pages.push(median(times.page) / median(times.bare))
        figures.push(median(times.figures) / median(times.bare))
        const audit = await auditOf(`${ours}/audit/part`, now - 365 * DAY, now)
        lines.push(
          `${exams} examinations: person page median ${median(times.page).toFixed(1)} ms, ${ratio(median(times.page), median(times.bare))} the least page; its figures, asked for beside it, ${median(times.figures).toFixed(1)} ms, ${ratio(median(times.figures), median(times.bare))}; audit of a year, ${audit.exams} examinations in 12 parts, ${(audit.ms / 1000).toFixed(2)} s, the longest part ${audit.longest.toFixed(0)} ms`,
        )
      },
    )
  }
  const grown = (of: readonly number[]) => ratio(of.at(-1) ?? NaN, of[0] ?? NaN)
  report('Pages over several visits, in clinics of different size', [
    ...lines,
    `in the largest clinic against the smallest: person page ${grown(pages)} as long, its figures ${grown(figures)}`,
  ])
}

/** A year a month at a time, as the page asks for it. */
async function auditOf(url: string, from: number, to: number): Promise<{ readonly exams: number; readonly ms: number; readonly longest: number }> {
  let exams = 0
  let longest = 0
  const began = performance.now()
  const step = (to - from) / 12
  for (let i = 0; i < 12; i++) {
    const part = performance.now()
    const query = new URLSearchParams({ from: String(Math.round(from + i * step)), to: String(Math.round(from + (i + 1) * step)), who: 'all' })
    const answer = await fetch(`${url}?${query.toString()}`)
    const told = (await answer.json()) as { exams: number }
    exams += told.exams
    longest = Math.max(longest, performance.now() - part)
  }
  return { exams, ms: performance.now() - began, longest }
}
