import { eq, sql } from 'drizzle-orm'
import { admitHistory, admitTo } from '../../core/record/admit'
import type { RecordPoint } from '../../core/record/chain'
import type { ExamEvent } from '../../core/record/event'
import { RULEBOOK } from '../../core/safety/rulebook'
import type { Problem } from '../../core/vocabulary/problem'
import { canonical, CHAIN_START, link } from '../chain'
import type { Db, Reads } from '../open'
import { preparedOnce } from '../prepared'
import { examEvents, exams } from '../schema'
import { recordOf, remember, type StoredRecord } from './ledger'
import { noteHead } from './overviews'

/** What became of events that were sent. */
export type Appended =
  | { readonly ok: true /** How many events the record holds now. */; readonly length: number }
  | {
      readonly ok: false
      readonly reason: 'no-exam' | 'refused'
      /** The event that was refused; absent when none in particular was. */
      readonly id?: string
      readonly problem: Problem
    }

/** The events of one exam, oldest first; none when there is no such exam. Rows that cannot be read are left out; `recordOf` names them. */
export function eventsOfExam(db: Db, examId: string): readonly ExamEvent[] {
  return recordOf(db, examId).events
}

/**
 * Add events to an exam: all of them or none, in this order, each admitted before it is stored.
 *
 * Events already stored are passed over, so that sending twice is the same as sending once. When this
 * returns ok, they are on disk.
 */
export function appendEvents(db: Db, examId: string, sent: readonly ExamEvent[]): Appended {
  const done = db.transaction((tx) => appendWithin(db, tx, examId, sent), { behavior: 'immediate' })
  if (!done.ok) return done
  remember(db, examId, done.record)
  return { ok: true, length: done.record.seq }
}

/** An event that could not join, and why. */
export interface RefusedEvent {
  readonly id: string
  readonly problem: Problem
}

/** What became of a queue that was sent: what follows is stored, what does not is told. */
export type Taken =
  | { readonly ok: true; readonly length: number; readonly stored: number; readonly refused: readonly RefusedEvent[] }
  | Exclude<Appended, { ok: true }>

/**
 * Take a queue that waited on a device: everything that follows is stored in its order, and only what does not is refused.
 *
 * One clash never holds back what was recorded beside it: a warning told in one window closes its gate everywhere.
 *
 * @param at - where the record has to end still, for what was computed from it; nothing is taken otherwise
 */
export function takeQueue(db: Db, examId: string, sent: readonly ExamEvent[], at?: RecordPoint): Taken {
  if (at) {
    const { seq, hash } = recordOf(db, examId)
    if (seq !== at.length || hash !== at.hash) return { ok: false, reason: 'refused', problem: movedOn() }
  }
  const all = appendEvents(db, examId, sent)
  if (all.ok) return { ...all, stored: sent.length, refused: [] }
  if (all.reason === 'no-exam' || all.id === undefined) return all
  const refused: RefusedEvent[] = []
  const record = db.transaction(
    (tx) => {
      let sofar = recordOf(db, examId, tx)
      for (const event of sent) {
        const one = appendWithin(db, tx, examId, [event], { known: sofar })
        if (one.ok) sofar = one.record
        else refused.push({ id: event.id, problem: one.problem })
      }
      return sofar
    },
    { behavior: 'immediate' },
  )
  remember(db, examId, record)
  return { ok: true, length: record.seq, stored: sent.length - refused.length, refused }
}

/** What became of events inside a transaction that may still be given up. */
export type AppendedWithin = { readonly ok: true; readonly record: StoredRecord } | Exclude<Appended, { ok: true }>

/** How events are added inside a transaction. */
export interface AppendWith {
  /** The record as this transaction has left it, where it has written to it before. */
  readonly known?: StoredRecord
  /** They were admitted by the rules of their own edition, which may be another: only the log itself is checked. */
  readonly asHistory?: boolean
  /** They come from elsewhere, where the person has another number than here. */
  readonly fromElsewhere?: boolean
}

/** The same inside a transaction that does more. Whoever runs it keeps the record with `remember` once it is committed. */
export function appendWithin(
  db: Db,
  tx: Reads,
  examId: string,
  sent: readonly ExamEvent[],
  { known, asHistory = false, fromElsewhere = false }: AppendWith = {},
): AppendedWithin {
  const { person, place, insert } = queries(db)
  const booked = person.get({ examId })
  if (!booked) return { ok: false, reason: 'no-exam', problem: noExam() }
  const record = known ?? recordOf(db, examId, tx)
  const fault = record.faults[0]
  if (fault) return { ok: false, reason: 'refused', problem: unreadable(fault.seq) }
  const fresh: ExamEvent[] = []
  for (const event of sent) {
    const there = place.get({ id: event.id })
    if (!there) fresh.push(event)
    else if (there.examId !== examId || isAnother(event, record)) return { ok: false, reason: 'refused', id: event.id, problem: numberTaken() }
  }
  if (fresh.length === 0) return { ok: true, record }
  // The opening equals the address: an examination is never written under another one's name. One that was moved since keeps its opening.
  const stray = fresh.find((event) => event.type === 'exam-opened' && (event.examId !== examId || (event.personId !== booked.personId && !fromElsewhere)))
  if (stray) return { ok: false, reason: 'refused', id: stray.id, problem: otherExam() }
  const admission = asHistory ? admitHistory(record, fresh) : admitTo({ events: record.events, exam: record.exam, fresh: true }, fresh, RULEBOOK)
  if (!admission.ok) {
    const refused = fresh[admission.at]
    return { ok: false, reason: 'refused', ...(refused && { id: refused.id }), problem: admission.problem }
  }
  let { hash } = record.seq === 0 ? { hash: CHAIN_START } : record
  let { seq } = record
  for (const event of fresh) {
    const text = canonical(event)
    const previousHash = hash
    hash = link(previousHash, text)
    seq++
    insert.run({ examId, seq, id: event.id, event: text, previousHash, hash })
  }
  noteHead(db, examId, admission.exam, seq)
  return { ok: true, record: { events: admission.events, exam: admission.exam, seq, hash, faults: [] } }
}

/** Does the stored event of this id say something else? Who recorded it is the server's word, so it is not compared. */
function isAnother(event: ExamEvent, record: StoredRecord): boolean {
  const stored = record.events.findLast((one) => one.id === event.id)
  return stored === undefined || canonical(stored) !== canonical({ ...event, by: stored.by })
}

const queries = preparedOnce((db) => {
  const { placeholder } = sql
  return {
    person: db
      .select({ personId: exams.personId })
      .from(exams)
      .where(eq(exams.id, placeholder('examId')))
      .prepare(),
    place: db
      .select({ examId: examEvents.examId })
      .from(examEvents)
      .where(eq(examEvents.id, placeholder('id')))
      .prepare(),
    insert: db
      .insert(examEvents)
      .values({
        examId: placeholder('examId'),
        seq: placeholder('seq'),
        id: placeholder('id'),
        event: placeholder('event'),
        previousHash: placeholder('previousHash'),
        hash: placeholder('hash'),
      })
      .prepare(),
  }
})

const KEPT = 'Everything recorded before it is kept; this was not written.'

function numberTaken(): Problem {
  return { what: 'This entry carries the number of another entry.', kept: KEPT, do: 'Reload the page and record it again.' }
}

function movedOn(): Problem {
  return { what: 'The record has grown since this was computed from it.', kept: KEPT, do: 'Read it as it stands now, and do it again.' }
}

function otherExam(): Problem {
  return { what: 'This opens another examination or another person’s.', kept: KEPT, do: 'Open the examination from Today.' }
}

function unreadable(seq: number): Problem {
  return {
    what: `Entry ${seq} of this examination cannot be read, so nothing can be added behind it.`,
    kept: 'Every other entry is kept and shown; what this window holds stays on this device.',
    do: 'Run npm run verify, or restore a backup; then it is sent again by itself.',
  }
}

function noExam(): Problem {
  return {
    what: 'There is no examination with this number here.',
    kept: 'Nothing was written; what this window holds is still in this window.',
    do: 'Go to Today and open the examination from there.',
  }
}
