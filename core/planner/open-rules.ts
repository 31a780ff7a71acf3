import type { Assessment } from '../assess'
import { CATALOGUE } from '../catalogue'
import type { TestId } from '../catalogue/exam-test'
import { ruleTitle } from '../clusters/title'
import type { Side, TestSide } from '../vocabulary/side'

/** A rule that can be done as a whole: the tests that are still open in it, in the order of their positions. */
export interface OpenRule {
  readonly id: string
  readonly title: string
  readonly tests: readonly { readonly test: TestId; readonly side: TestSide }[]
}

/** Rules that are still open on this side and need several tests. */
export function openRules({ rules }: Pick<Assessment, 'rules'>, side: Side): readonly OpenRule[] {
  return rules
    .filter((rule) => rule.side === side && rule.state === 'open' && rule.open.length > 1)
    .map((rule) => ({
      id: rule.cluster.id,
      title: ruleTitle(rule.cluster),
      tests: CATALOGUE.filter((test) => rule.open.includes(test.id)).map((test) => ({ test: test.id, side: test.sides === 'none' ? 'none' : side })),
    }))
}
