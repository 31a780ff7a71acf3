import { asc, eq } from 'drizzle-orm'
import { admitAll } from '../../core/record/admit'
import type { ExamEvent } from '../../core/record/event'
import { parseEvent } from '../../core/record/event-schema'
import { RULEBOOK } from '../../core/safety/rulebook'
import type { Problem } from '../../core/vocabulary/problem'
import { canonical, CHAIN_START, link } from '../chain'
import type { Db, Reads } from '../open'
import { examEvents, exams } from '../schema'
import { projectFindings } from './findings'

/** What became of events that were sent. */
export type Appended =
  | { readonly ok: true /** How many events the record holds now. */; readonly length: number }
  | { readonly ok: false; readonly reason: 'no-exam' | 'refused'; readonly problem: Problem }

/**
 * The events of one exam, oldest first; none when there is no such exam.
 *
 * @throws {Error} when a stored row can no longer be read: the store was changed by other hands
 */
export function eventsOfExam(db: Reads, examId: string): readonly ExamEvent[] {
  return rowsOfExam(db, examId).map(readRow)
}

/** Rows never change, so what was read once is read for good; the hash names it. */
const read = new Map<string, ExamEvent>()

/** Above this many the memory is emptied and filled again. */
const REMEMBERED = 50_000

function readRow(row: { readonly event: string; readonly hash: string; readonly examId: string }): ExamEvent {
  const known = read.get(row.hash)
  if (known) return known
  const parsed = parseEvent(JSON.parse(row.event))
  if (!parsed.ok) throw new Error(`A stored event of examination ${row.examId} cannot be read. ${parsed.problem.what}`)
  if (read.size >= REMEMBERED) read.clear()
  read.set(row.hash, parsed.event)
  return parsed.event
}

function rowsOfExam(db: Reads, examId: string) {
  return db.select().from(examEvents).where(eq(examEvents.examId, examId)).orderBy(asc(examEvents.seq)).all()
}

/**
 * Add events to an exam: all of them or none, in this order, each admitted before it is stored.
 *
 * Events already stored are passed over, so that sending twice is the same as sending once. When this
 * returns ok, they are on disk.
 */
export function appendEvents(db: Db, examId: string, sent: readonly ExamEvent[]): Appended {
  return db.transaction(
    (tx): Appended => {
      if (!examExists(tx, examId)) return { ok: false, reason: 'no-exam', problem: noExam() }
      const rows = rowsOfExam(tx, examId)
      const clash = sent.find((event) => isTaken(tx, examId, event))
      if (clash) return { ok: false, reason: 'refused', problem: numberTaken() }
      const stored = new Set(rows.map((row) => row.id))
      const fresh = sent.filter((event) => !stored.has(event.id))
      const admission = admitAll(rows.map(readRow), fresh, RULEBOOK)
      if (!admission.ok) return { ok: false, reason: 'refused', problem: admission.problem }
      let previousHash = rows.at(-1)?.hash ?? CHAIN_START
      fresh.forEach((event, i) => {
        const text = canonical(event)
        const hash = link(previousHash, text)
        tx.insert(examEvents)
          .values({ examId, seq: rows.length + i + 1, id: event.id, event: text, previousHash, hash })
          .run()
        previousHash = hash
      })
      if (fresh.length > 0) projectFindings(tx, admission.exam)
      return { ok: true, length: rows.length + fresh.length }
    },
    { behavior: 'immediate' },
  )
}

function examExists(db: Reads, examId: string): boolean {
  return db.select({ id: exams.id }).from(exams).where(eq(exams.id, examId)).get() !== undefined
}

/** Does this event's id already stand for something else, here or in another exam? */
function isTaken(db: Reads, examId: string, event: ExamEvent): boolean {
  const row = db.select().from(examEvents).where(eq(examEvents.id, event.id)).get()
  if (!row) return false
  const { by } = readRow(row)
  return row.examId !== examId || row.event !== canonical({ ...event, by })
}

function numberTaken(): Problem {
  return {
    what: 'This entry carries the number of another entry.',
    kept: 'Everything recorded before it is kept; this was not written.',
    do: 'Reload the page and record it again.',
  }
}

function noExam(): Problem {
  return {
    what: 'There is no examination with this number here.',
    kept: 'Nothing was written; what this window holds is still in this window.',
    do: 'Go to Today and open the examination from there.',
  }
}

/** One break in an exam's chain: where, and what is wrong. */
export interface ChainBreak {
  readonly examId: string
  readonly seq: number
  readonly what: string
}

/** Walk the hash chain of every exam. No breaks: nothing was changed, removed or put in between. */
export function verifyChains(db: Reads): { readonly events: number; readonly breaks: readonly ChainBreak[] } {
  const rows = db.select().from(examEvents).orderBy(asc(examEvents.examId), asc(examEvents.seq)).all()
  const breaks: ChainBreak[] = []
  let before: (typeof rows)[number] | undefined
  for (const row of rows) {
    const first = before?.examId !== row.examId
    const previousHash = first ? CHAIN_START : (before?.hash ?? CHAIN_START)
    const seq = first ? 1 : (before?.seq ?? 0) + 1
    if (row.seq !== seq) breaks.push({ examId: row.examId, seq: row.seq, what: `number ${seq} is missing` })
    if (row.previousHash !== previousHash) breaks.push({ examId: row.examId, seq: row.seq, what: 'does not follow the entry before it' })
    if (row.hash !== link(row.previousHash, row.event)) breaks.push({ examId: row.examId, seq: row.seq, what: 'was changed' })
    before = row
  }
  return { events: rows.length, breaks }
}
