import { and, asc, desc, eq, gt, sql } from 'drizzle-orm'
import type { Ledger } from '../../core/record/admit'
import type { ExamEvent } from '../../core/record/event'
import { parseEvent } from '../../core/record/event-schema'
import { type Exam, examFrom, withEvent } from '../../core/record/exam'
import type { Db, Reads } from '../open'
import { preparedOnce } from '../prepared'
import { examEvents } from '../schema'

/** A stored row that cannot be read: written by a newer program, or changed by other hands. */
export interface Fault {
  readonly seq: number
  readonly what: string
}

/** The record of one examination with how far it was read. */
export interface StoredRecord extends Ledger {
  readonly exam: Exam | null
  /** Place and hash of the last row; 0 and '' when there is none. */
  readonly seq: number
  readonly hash: string
  /** Rows that could not be read. What can be is still there. */
  readonly faults: readonly Fault[]
}

const NOTHING: StoredRecord = { events: [], exam: null, seq: 0, hash: '', faults: [] }

/** Records that were read lately, by database: rows never change, so only newer ones have to be read again. */
const READ = new WeakMap<object, Map<string, StoredRecord>>()

/** So many are remembered; the one unused for longest is forgotten first. */
const REMEMBERED = 300

function remembered(db: Pick<Db, '$client'>): Map<string, StoredRecord> {
  const known = READ.get(db.$client) ?? new Map<string, StoredRecord>()
  READ.set(db.$client, known)
  return known
}

const lastRow = preparedOnce((db) =>
  db
    .select({ seq: examEvents.seq, hash: examEvents.hash })
    .from(examEvents)
    .where(eq(examEvents.examId, sql.placeholder('examId')))
    .orderBy(desc(examEvents.seq))
    .limit(1)
    .prepare(),
)

/**
 * The record of one examination, empty when there is none.
 *
 * Costs one look-up when nothing was added since it was last read. A row that cannot be read never hides the others.
 *
 * @param tx - where to read, when inside a transaction
 */
export function recordOf(db: Db, examId: string, tx: Reads = db): StoredRecord {
  const known = remembered(db)
  const before = known.get(examId) ?? NOTHING
  const head = lastRow(db).get({ examId })
  if (!head) return NOTHING
  const record = head.seq === before.seq && head.hash === before.hash ? before : readOn(tx, examId, isStillThere(tx, examId, before) ? before : NOTHING)
  remember(db, examId, record)
  return record
}

/** Keep what a transaction has just written. */
export function remember(db: Pick<Db, '$client'>, examId: string, record: StoredRecord): void {
  const known = remembered(db)
  known.delete(examId)
  known.set(examId, record)
  if (known.size > REMEMBERED) for (const oldest of known.keys()) return void known.delete(oldest)
}

/** What was read of an examination that was erased is forgotten. */
export function forget(db: Pick<Db, '$client'>, examId: string): void {
  remembered(db).delete(examId)
}

/** The last row that was read has to be in its place still: another database may have been put there. */
function isStillThere(tx: Reads, examId: string, { seq, hash }: StoredRecord): boolean {
  if (seq === 0) return true
  const row = tx
    .select({ hash: examEvents.hash })
    .from(examEvents)
    .where(and(eq(examEvents.examId, examId), eq(examEvents.seq, seq)))
    .get()
  return row?.hash === hash
}

function readOn(tx: Reads, examId: string, before: StoredRecord): StoredRecord {
  const rows = tx
    .select()
    .from(examEvents)
    .where(and(eq(examEvents.examId, examId), gt(examEvents.seq, before.seq)))
    .orderBy(asc(examEvents.seq))
    .all()
  const events: ExamEvent[] = [...before.events]
  const faults: Fault[] = [...before.faults]
  let exam = before.exam
  for (const { seq, event: text } of rows) {
    const read = readRow(text)
    if ('what' in read) {
      faults.push({ seq, what: read.what })
      continue
    }
    events.push(read.event)
    exam = exam ? withEvent(exam, read.event, events) : examFrom(events)
  }
  const last = rows.at(-1)
  return { events, exam, seq: last?.seq ?? before.seq, hash: last?.hash ?? before.hash, faults }
}

function readRow(text: string): { readonly event: ExamEvent } | { readonly what: string } {
  let row: unknown
  try {
    row = JSON.parse(text)
  } catch {
    return { what: 'is not JSON' }
  }
  const parsed = parseEvent(row)
  return parsed.ok ? { event: parsed.event } : { what: parsed.problem.what.replace(/^An entry could not be read: /, '').replace(/\.$/, '') }
}
