import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import Database from 'better-sqlite3'
import { composedId } from '../core/record/compose'
import { openDb } from '../db/open'
import { appendEvents } from '../db/queries/exam-events'
import { bookExam } from '../db/queries/exams'
import { addPerson } from '../db/queries/people'
import { fullExam } from './full-exam'
import { ratio, report, share, timed } from './measure'

/** One event admitted, chained, projected and stored, against one raw row of the same durability. */
export function append(): void {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-bench-'))
  const db = openDb(path.join(folder, 'ours.sqlite'))
  const record = fullExam()
  const { id, personId } = record.exam
  addPerson(db, { id: personId, name: 'bench', born: null, work: '' }, 1)
  bookExam(db, { id, personId, at: 1 })
  appendEvents(db, id, record.events)

  const raw = new Database(path.join(folder, 'raw.sqlite'))
  raw.pragma('journal_mode = WAL')
  raw.pragma('synchronous = FULL')
  raw.exec('CREATE TABLE events (id TEXT PRIMARY KEY, event TEXT NOT NULL)')
  const insert = raw.prepare('INSERT INTO events VALUES (?, ?)')
  const event = (n: number) => ({ type: 'note-written' as const, id: composedId(2e12 + n, 'append', n), at: 2e12 + n, by: 'bench', text: `note ${n}` })

  const bare = timed(100, (i) => {
    insert.run(`row ${i}`, JSON.stringify(event(i + 1000)))
  })
  const ours = timed(100, (i) => {
    const appended = appendEvents(db, id, [event(i + 1000)])
    if (!appended.ok) throw new Error(appended.problem.what)
  })
  db.$client.close()
  raw.close()
  rmSync(folder, { recursive: true })
  report(`Appending one event to an examination of ${record.events.length}`, [
    `ours: median ${share(ours, 0.5).toFixed(2)} ms, 95th percentile ${share(ours, 0.95).toFixed(2)} ms`,
    `a raw insert of the same durability: median ${share(bare, 0.5).toFixed(2)} ms`,
    `ours takes ${ratio(share(ours, 0.5), share(bare, 0.5))} as long`,
  ])
}
