import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { assess } from '../core/assess'
import { toText } from '../core/exchange/text/to'
import { noteOf } from '../core/note/note'
import { arranged } from '../core/note/template'
import { fillGenerated } from '../db/demo/generated'
import { openDb } from '../db/open'
import { appendEvents } from '../db/queries/exam-events'
import { bookExam } from '../db/queries/exams'
import { addPerson } from '../db/queries/people'
import { markAsDemo } from '../db/queries/this-clinic'
import { fullExam } from '../tests/full-exam'
import { ratio, report, share } from './measure'
import { withServers } from './servers'

const RUNS = 12

/** What leaves the house: the PDF of the longest note on a server that goes on answering, and an archive that grows without growing in memory. */
export async function outside(sizes: readonly [number, number]): Promise<void> {
  await longNote()
  archives(sizes)
}

/** Every test of the catalogue on every side, printed beside the server while the least page is asked for. */
async function longNote(): Promise<void> {
  const record = fullExam()
  const { id, personId, openedAt } = record.exam
  await withServers(
    (db) => {
      markAsDemo(db)
      addPerson(db, { id: personId, name: 'A long note', born: null, work: '' }, openedAt)
      bookExam(db, { id, personId, at: openedAt })
      const stored = appendEvents(db, id, record.events)
      if (!stored.ok) throw new Error(stored.problem.what)
    },
    async ({ ours }) => {
      const of = async (url: string) => {
        const began = performance.now()
        const answer = await fetch(`${ours}${url}`)
        const bytes = (await answer.arrayBuffer()).byteLength
        if (!answer.ok) throw new Error(`${url} answered ${answer.status}`)
        return { ms: performance.now() - began, bytes }
      }
      const times = { pdf: [] as number[], txt: [] as number[], quiet: [] as number[], beside: [] as number[] }
      let bytes = 0
      for (let i = -2; i < RUNS; i++) {
        const quiet = await of('/health')
        const txt = await of(`/exam/${id}/out/note.txt`)
        // While it is printed somebody else asks.
        const printing = of(`/exam/${id}/out/note.pdf`)
        const beside: number[] = []
        const done = printing.then(() => true)
        for (;;) {
          beside.push((await of('/health')).ms)
          if (await Promise.race([done, new Promise<false>((resolve) => setTimeout(() => resolve(false), 5))])) break
        }
        const pdf = await printing
        bytes = pdf.bytes
        if (i < 0) continue
        times.pdf.push(pdf.ms)
        times.txt.push(txt.ms)
        times.quiet.push(quiet.ms)
        times.beside.push(Math.max(...beside))
      }
      const median = (of: number[]) =>
        share(
          of.toSorted((a, b) => a - b),
          0.5,
        )
      const lines = toText(arranged(noteOf(assess(record.exam), 'A long note'), 'full')).split('\n').length
      report('The PDF of the longest note: every test of the catalogue, every side', [
        `${lines} lines, ${Math.round(bytes / 1000)} kB; median ${Math.round(median(times.pdf))} ms, the slowest ${Math.round(Math.max(...times.pdf))} ms of the second it may take; ${ratio(median(times.pdf), median(times.txt))} the same note as text`,
        `whoever asks beside it waits at longest ${Math.round(median(times.beside))} ms (median of the runs), ${ratio(median(times.beside), median(times.quiet))} an idle server`,
      ])
    },
  )
}

/** An archive against a plain read of the same rows, in a small clinic and in one ten times as large. */
function archives(sizes: readonly [number, number]): void {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-bench-'))
  try {
    const measured = sizes.map((size) => {
      const file = path.join(folder, `${size}.sqlite`)
      const db = openDb(file)
      fillGenerated(db, new Date(), size)
      db.$client.close()
      const run = (what: string) => {
        const ran = spawnSync(process.execPath, ['--import', 'tsx', 'bench/outside-child.ts', what, file, folder], { encoding: 'utf8' })
        if (ran.status !== 0) throw new Error(ran.stderr)
        return JSON.parse(ran.stdout) as { ms: number; bytes: number; highest: number }
      }
      return { size, read: run('read'), archive: run('archive') }
    })
    const [small, large] = measured
    const mb = (bytes: number) => `${Math.round(bytes / 1_000_000)} MB`
    report('An archive of everybody: exam file, FHIR, note as text and PDF of each examination, and the tables of all', [
      ...measured.map(
        ({ size, read, archive }) =>
          `${size} examinations: ${(archive.ms / 1000).toFixed(1)} s, ${mb(archive.bytes)}, ${ratio(archive.ms, read.ms)} as long as a plain read of the same rows; memory at its highest ${mb(archive.highest)}, a plain read ${mb(read.highest)}`,
      ),
      small && large
        ? `ten times the examinations: memory ${ratio(large.archive.highest, small.archive.highest)} as high, time ${ratio(large.archive.ms, small.archive.ms)} as long`
        : '',
    ])
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
