import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import type { Confidence, Counts, Estimate, Study } from './study'

/**
 * What a row may do.
 *
 * - `preferred`: the one row that moves the probability for its test or rule, and why this one.
 * - `shown`: stands beside it for comparison; `because` says why it does not move anything.
 */
export type Use = { readonly use: 'preferred' | 'shown'; readonly because: string }

/** One published accuracy of one test, or of one threshold of a rule. */
export interface Accuracy {
  /** Number in the register. */
  readonly id: string
  /** A test's or a rule's id. */
  readonly of: string
  /** Only for this side, where a study scored the sides apart. */
  readonly side?: Side
  readonly for: SourceId
  readonly from: Study
  /** Only for these ways of doing the test: the criterion of the others is another one. */
  readonly variants?: readonly string[]
  /** What counted as positive in the study. */
  readonly criterion: string
  readonly sens: Estimate | null
  readonly spec: Estimate | null
  /** As printed in the paper; absent where they follow from sensitivity and specificity. */
  readonly lrPositive?: Estimate
  readonly lrNegative?: Estimate
  /** Rebuilt from printed proportions, so they are no evidence of their own. */
  readonly counts: Counts | null
  readonly confidence: Confidence
  readonly use: Use
}

/** Declare the rows of one paper. */
export function defineRows(rows: readonly Accuracy[]): readonly Accuracy[] {
  return rows
}
