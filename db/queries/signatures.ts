import { and, eq, gte, lt, sql } from 'drizzle-orm'
import { checkCode, hashPrefixOf } from '../../core/record/check-code'
import { parseEvent } from '../../core/record/event-schema'
import type { Db, Reads } from '../open'
import { examEvents, imports } from '../schema'

/** As the index over signatures says it: without this condition every entry would be read. */
const SIGNS = sql`instr(${examEvents.event}, '"type":"exam-signed"') > 0`

/** A signature as it stands in the chain. */
export interface StoredSignature {
  readonly examId: string
  readonly at: number
  readonly by: string
  readonly code: string
  /** It came with a file and is a claim of that file. */
  readonly claimed: boolean
}

/** The check code of a signed examination; null while it is not signed. */
export function codeOfExam(db: Db, examId: string): string | null {
  const row = db
    .select({ hash: examEvents.hash })
    .from(examEvents)
    .where(and(eq(examEvents.examId, examId), SIGNS))
    .get()
  return row ? checkCode(row.hash) : null
}

/**
 * The signature that a check code stands for.
 *
 * @param typed - as it was read off paper
 * @returns null when no signature of this clinic has it; 'no-code' for what is none
 */
export function signatureByCode(db: Reads, typed: string): StoredSignature | null | 'no-code' {
  const prefix = hashPrefixOf(typed)
  if (prefix === null) return 'no-code'
  const row = db
    .select({ examId: examEvents.examId, event: examEvents.event, hash: examEvents.hash, imported: imports.exam })
    .from(examEvents)
    .leftJoin(imports, eq(imports.exam, examEvents.examId))
    .where(and(gte(examEvents.hash, prefix), lt(examEvents.hash, `${prefix}g`), SIGNS))
    .get()
  if (!row) return null
  const read = parseEvent(JSON.parse(row.event))
  if (!read.ok) return null
  const { at, by } = read.event
  return { examId: row.examId, at, by, code: checkCode(row.hash), claimed: row.imported !== null }
}

/** The hashes of all signatures that were made here, in their order; for the list that goes out with an anchor. */
export function signatureHashes(db: Reads): readonly string[] {
  return db
    .select({ hash: examEvents.hash })
    .from(examEvents)
    .leftJoin(imports, eq(imports.exam, examEvents.examId))
    .where(and(SIGNS, sql`${imports.exam} IS NULL`))
    .all()
    .map((row) => row.hash)
    .toSorted()
}
