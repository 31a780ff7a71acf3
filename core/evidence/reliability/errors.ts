/** How far two measurements of one person differ by themselves, as published: the smallest change that is detectable (MDC95). */
export interface PublishedError {
  readonly test: string
  /** The stage it is about; every measured stage of the test when absent. */
  readonly stage?: string
  /** Degrees. Where studies give a range, its upper end: a smaller one would call noise a change. */
  readonly mdc: number
  /** The row of the register it comes from. */
  readonly row: string
}

/**
 * Published errors, by test. All are of low confidence until an own reliability series replaces them, and say so wherever they are used.
 *
 * A test that is missing here has no published figure that is known to us, and a difference of its angle decides nothing.
 */
export const PUBLISHED_ERRORS: readonly PublishedError[] = [
  { test: 'leg-raise', mdc: 10, row: 'J04' },
  { test: 'slump', mdc: 10, row: 'J08' },
  { test: 'flexion-rotation', mdc: 8, row: 'J06' },
  { test: 'hold-relax', mdc: 8, row: 'J06' },
  { test: 'neck-rotation', mdc: 10, row: 'J05' },
  { test: 'ulnt-1', mdc: 14, row: 'J09' },
  { test: 'hip-internal-rotation', mdc: 10, row: 'J07' },
]
