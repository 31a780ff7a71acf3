import { assess } from '../assess'
import { EDITION } from '../edition'
import { type Clinic, SHIPPED } from '../evidence/knowledge'
import { type Edition, isSameEdition } from '../vocabulary/edition'
import type { Exam } from '../record/exam'
import type { Frozen } from '../record/frozen'
import { freeze } from './freeze'

/** How one edition reads an examination into what a signature keeps. */
export interface EditionReader {
  readonly edition: Edition
  readonly freeze: (exam: Exam, clinic: Clinic, intervals: boolean) => Frozen
}

/**
 * The editions this program can compute again: its own. An edition that stays computable beside a later one gets a line of its own here;
 * signatures of any other are claims that wait for a new signature.
 */
export const READERS: readonly EditionReader[] = [{ edition: EDITION, freeze: (exam, clinic, intervals) => freeze(assess(exam, { clinic }), { intervals }) }]

export interface RecomputeWith {
  readonly clinic?: Clinic
  readonly intervals?: boolean
  readonly readers?: readonly EditionReader[]
}

/**
 * What a signature of this edition has to hold, computed from the record alone.
 *
 * @param exam - as it stood before the signature
 * @returns null for an edition this program cannot compute
 */
export function recomputed(exam: Exam, edition: Edition, { clinic = SHIPPED, intervals = true, readers = READERS }: RecomputeWith = {}): Frozen | null {
  return readers.find((reader) => isSameEdition(reader.edition, edition))?.freeze(exam, clinic, intervals) ?? null
}
