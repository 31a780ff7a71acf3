import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import Database from 'better-sqlite3'
import { composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import { openDb } from '../db/open'
import { appendEvents } from '../db/queries/exam-events'
import { openExam } from '../db/queries/open-exam'
import { fullExam } from '../tests/full-exam'
import { ratio, report, share, timed } from './measure'

const RUNS = 200

/** One event admitted, chained and stored, against one raw row of the same size and durability, at two lengths of a record. */
export function append(): void {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-bench-'))
  const raw = new Database(path.join(folder, 'raw.sqlite'))
  raw.pragma('journal_mode = WAL')
  raw.pragma('synchronous = FULL')
  raw.exec('CREATE TABLE events (id TEXT PRIMARY KEY, event TEXT NOT NULL)')
  const insert = raw.prepare('INSERT INTO events VALUES (?, ?)')
  let made = 0
  const stamp = (content: EventContent): ExamEvent => {
    made++
    return { ...content, id: composedId(2e12 + made, 'append', made), at: 2e12 + made, by: 'bench' }
  }
  const bare = share(
    timed(RUNS, (i) => {
      const event = stamp({ type: 'note-written', text: `note ${i}` })
      insert.run(event.id, JSON.stringify(event))
    }),
    0.5,
  )
  const lines = [`a raw insert of the same durability: median ${bare.toFixed(2)} ms`]
  for (const length of [343, 3000]) {
    const db = openDb(path.join(folder, `ours-${length}.sqlite`))
    const record = fullExam()
    const { id, personId } = record.exam
    openExam(db, { person: { id: personId, name: 'bench', born: null, work: '' }, exam: { id, at: 1 }, events: record.events, addedAt: 1 })
    const rating = () => stamp({ type: 'symptom-rated', symptom: 'S1', now: 3 })
    let held = record.events.length
    while (held < length)
      held = appendedTo(
        db,
        id,
        Array.from({ length: Math.min(400, length - held) }, () => rating()),
      )
    const median = (event: (i: number) => readonly ExamEvent[]) =>
      share(
        timed(RUNS, (i) => {
          appendedTo(db, id, event(i))
        }),
        0.5,
      )
    const run = (n: number) => composedId(2.5e12 + n, 'run', n)
    const kinds = {
      'a rating': median(() => [rating()]),
      'own words': median((i) => [stamp({ type: 'note-written', text: `note ${i}` })]),
      'two entries, a test begun and answered': median(() => {
        const n = ++made
        return [
          stamp({ type: 'test-started', run: run(n), test: 'thigh-thrust', side: 'left', variant: 'hand-under' }),
          stamp({ type: 'stage-answered', run: run(n), stage: 'press', answer: { said: 'nothing' } }),
        ]
      }),
    }
    lines.push(...Object.entries(kinds).map(([name, ms]) => `at ${length} events, ${name}: ${ms.toFixed(2)} ms, ${ratio(ms, bare)} a raw insert`))
    db.$client.close()
  }
  raw.close()
  rmSync(folder, { recursive: true })
  report('Appending one event', lines)
}

function appendedTo(db: ReturnType<typeof openDb>, id: string, events: readonly ExamEvent[]): number {
  const appended = appendEvents(db, id, events)
  if (!appended.ok) throw new Error(appended.problem.what)
  return appended.length
}
