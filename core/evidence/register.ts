import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import type { Accuracy } from './accuracy'
import { ROWS } from './sources'

/** Every figure that ships, a paper a file. */
export const REGISTER: readonly Accuracy[] = ROWS

/** All rows of one test, sign or rule, the one that moves numbers first. */
export function rowsOf(id: string, register: readonly Accuracy[] = REGISTER): readonly Accuracy[] {
  const rows = register.filter((row) => row.of === id)
  return [...rows.filter(moves), ...rows.filter((row) => !moves(row))]
}

/** May this row move a probability? A low one only where its doubt is named, so that its interval is wide. */
export function moves(row: Pick<Accuracy, 'use' | 'confidence' | 'near'>): boolean {
  return row.use.use === 'preferred' && (row.confidence !== 'low' || (row.near?.includes('recall') ?? false))
}

/** Finds the row that speaks for a test, sign or rule about a source on a side; undefined when nothing fitting is known. */
export type RowFinder = (id: string, source: SourceId, side: Side, variant?: string) => Accuracy | undefined

/**
 * A finder over one register, indexed by what the rows are of.
 *
 * `variant` is the way the test was done; a row measured with another criterion does not fit.
 */
export function rowFinder(register: readonly Accuracy[]): RowFinder {
  const moving = new Map<string, Accuracy[]>()
  for (const row of register) {
    if (row.of === null || !moves(row)) continue
    const known = moving.get(row.of)
    if (known) known.push(row)
    else moving.set(row.of, [row])
  }
  return (id, source, side, variant) =>
    moving.get(id)?.find((row) => row.for === source && (row.side ?? side) === side && (!variant || (row.variants ?? [variant]).includes(variant)))
}

/** The shipped register's finder. */
export const preferredRow: RowFinder = rowFinder(REGISTER)
