import type { TestId } from '../catalogue/exam-test'
import type { OwnRuleId, RuleId } from '../clusters/cluster'
import type { RegisterName } from '../vocabulary/register-name'
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

/**
 * What of a study is near to the test and the source here, and not the same: how it called a test positive, what it looked for, or
 * the figure itself, which is recalled with doubt. A near row moves the probability with a wide interval.
 */
export type Near = 'criterion' | 'target' | 'recall'

/** What a figure is about. */
export type Subject = TestId | RuleId | OwnRuleId | RegisterName

/** One published accuracy of one test, sign or threshold of a rule. */
export interface Accuracy {
  /** Number in the register. */
  readonly id: string
  /** A test's, a sign's or a rule's id; null where nothing here is that test. */
  readonly of: Subject | null
  /** Only for this side, where a study scored the sides apart. */
  readonly side?: Side
  /** The source it speaks about; null where that is none of the sources here. */
  readonly for: SourceId | null
  /** The test as the study calls it, where the test here has another name or there is none. */
  readonly subject?: string
  /** What the study looked for, where it is not quite the source here. */
  readonly target?: string
  readonly from: Study
  /** Only for these ways of doing the test: the criterion of the others is another one. */
  readonly variants?: readonly string[]
  /** What counted as positive in the study, and what else to know of the figure; as a value in `criteria.ts`. */
  readonly criterion: string
  readonly sens: Estimate | null
  readonly spec: Estimate | null
  /** As printed in the paper; absent where they follow from sensitivity and specificity. */
  readonly lrPositive?: Estimate
  readonly lrNegative?: Estimate
  /** Rebuilt from printed proportions, so they are no evidence of their own. */
  readonly counts: Counts | null
  /** Figures that are no single number: a range, a bound, another statistic. Shown as they stand. */
  readonly printed?: { readonly sens?: string; readonly spec?: string; readonly lrPositive?: string; readonly lrNegative?: string; readonly other?: string }
  readonly confidence: Confidence
  /** Only this answer moves the odds; the other says nothing. */
  readonly speaks?: 'positive' | 'negative'
  readonly use: Use
  /** Absent where criterion and target are those of the test here; `criteria.test.ts` holds it to the values in `criteria.ts`. */
  readonly near?: readonly Near[]
  /** Written by the clinic in place of the shipped figure. */
  readonly own?: { readonly by: string; readonly at: number }
}

/** Declare the rows of one paper. */
export function defineRows(rows: readonly Accuracy[]): readonly Accuracy[] {
  return rows
}
