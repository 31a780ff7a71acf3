import { createHash } from 'node:crypto'
import { canonical, CHAIN_START } from '../db/chain'
import type { Db } from '../db/open'
import { composedId } from '../core/record/compose'
import type { ExamEvent } from '../core/record/event'
import { sorePelvis, BUTTOCK, NOTHING } from '../tests/people'

const DAY = 86_400_000
/** Examinations a day, as a busy clinic has them. */
const A_DAY = 30
const FIRST = ['Wenna', 'Imre', 'Odalys', 'Corwin', 'Teodor', 'Bram', 'Sunniva', 'Perrin', 'Merrin', 'Ottoline', 'Jory', 'Isaura', 'Wilmot']
const LAST = [
  'Saltmarsh',
  'Talvane',
  'Brightmoor',
  'Teasel',
  'Quill',
  'Wickery',
  'Marl',
  'Ashlock',
  'Anker',
  'Reef',
  'Cobblewick',
  'Tern',
  'Fenn',
  'Dunmere',
  'Oakhollow',
]

/** Fifty events of an examination like many: a pelvis with some tests, and ratings between them. */
function template(): readonly ExamEvent[] {
  let record = sorePelvis()
  for (const test of ['thigh-thrust', 'faber', 'gaenslen'] as const) record = record.test(test, 'right', [BUTTOCK]).test(test, 'left', [NOTHING])
  while (record.events.length < 50) record = record.then({ type: 'symptom-rated', symptom: 'S1', now: record.events.length % 10 })
  return record.events
}

/**
 * Fill a database with a clinic of this many examinations of fifty events, the newest today: five million events for 100,000.
 *
 * Written past the append, which would take hours; every row is what an append would have written, chain and lists included.
 *
 * @param from - how many are there already, so that a clinic can grow between two measurements
 */
export function fillBigClinic(db: Db, exams: number, now: number, from = 0): void {
  const raw = db.$client
  const events = template()
  const run = raw.transaction((start: number, end: number) => {
    const person = raw.prepare('INSERT INTO people (id, number, name, born, work, added_at) VALUES (?, ?, ?, NULL, ?, ?)')
    const exam = raw.prepare('INSERT INTO exams (id, person_id, at) VALUES (?, ?, ?)')
    const event = raw.prepare('INSERT INTO exam_events (exam_id, seq, id, event, previous_hash, hash) VALUES (?, ?, ?, ?, ?, ?)')
    const overview = raw.prepare(
      "INSERT INTO overviews (exam_id, head, covers, age, complaint, symptoms, state, progress, go_on, conclusion) VALUES (?, ?, ?, 43, ?, '[]', 'testing', '6 of 12 tests', 'bench', ?)",
    )
    const search = raw.prepare('INSERT INTO search (rowid, words) VALUES (?, ?)')
    for (let i = start; i < end; i++) {
      const at = now - Math.floor((exams - 1 - i) / A_DAY) * DAY - (i % A_DAY) * 60_000
      const examId = composedId(at, 'big exam', i)
      const personId = composedId(at, 'big person', i)
      const name = `${FIRST[i % FIRST.length] ?? ''} ${LAST[Math.floor(i / 7) % LAST.length] ?? ''}`
      const complaint = i % 3 === 0 ? 'an ache behind on the right' : 'it shoots down into my calf'
      person.run(personId, 1000 + i, name, 'bell-founder', at)
      exam.run(examId, personId, at)
      let hash = CHAIN_START
      events.forEach((one, k) => {
        const text = canonical({ ...one, id: composedId(at + k, `big ${i}`, k), ...(one.type === 'exam-opened' && { examId, personId }) })
        const before = hash
        hash = createHash('sha256').update(before).update('\n').update(text).digest('hex')
        event.run(examId, k + 1, composedId(at + k, `big ${i}`, k), text, before, hash)
      })
      const { lastInsertRowid } = overview.run(examId, events.length, events.length, complaint, 'Sacroiliac joint, right: about 65 %')
      search.run(lastInsertRowid, `${name} ${1000 + i} ${complaint} Sacroiliac joint`)
    }
  })
  for (let at = from; at < exams; at += 2000) run(at, Math.min(exams, at + 2000))
}
