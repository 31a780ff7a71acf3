import type { TestSide } from '../vocabulary/side'

/** A measurement error that the clinic found in a series of its own and chose to use, or gave back. The latest of a test, side and stage counts. */
export interface OwnError {
  readonly test: string
  readonly side: TestSide
  readonly stage: string
  /** MDC95 in the unit of the stage; null gives the published figure back. */
  readonly mdc: number | null
  readonly unit: string
  /** People of the series, and trials of each. */
  readonly people: number
  readonly trials: number
  readonly by: string
  readonly at: number
}

/** The own error that counts for a stage; undefined where none was chosen, or it was given back. */
export function ownErrorOf(errors: readonly OwnError[], test: string, side: TestSide, stage: string): (OwnError & { readonly mdc: number }) | undefined {
  const latest = errors.findLast((e) => e.test === test && e.side === side && e.stage === stage)
  return latest && latest.mdc !== null ? { ...latest, mdc: latest.mdc } : undefined
}
