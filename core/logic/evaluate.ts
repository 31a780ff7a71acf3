import type { Side } from '../vocabulary/side'
import type { Truth } from '../vocabulary/truth'
import type { Positive, Rule } from './rule'

/** Why a condition is open: what to do about it differs. */
export type Openness = 'untried' | 'unclear' | 'not-applicable'

/** What is known of one test on one side. */
export type Known = { readonly truth: 'true' | 'false' } | { readonly truth: 'open'; readonly open: Openness }

/**
 * Answers for single tests; a rule knows nothing of examinations.
 *
 * @param side - the side the test was done on
 * @param about - the side the rule is read for
 */
export type Ask = (test: string, side: Side, about: Side) => Known

/** A rule with the truth of every node, so that it can be drawn and followed. */
export type Evaluated =
  | { readonly kind: 'at-least'; readonly k: number; readonly truth: Truth; readonly parts: readonly Evaluated[] }
  | { readonly kind: 'not'; readonly truth: Truth; readonly part: Evaluated }
  | {
      readonly kind: 'positive'
      readonly rule: Positive
      readonly side: Side
      readonly truth: Truth
      readonly open: Openness | null
    }

/**
 * Give a rule its truth for one side, with tests missing.
 *
 * With p parts true and o open, "at least k" holds when p >= k, is out of reach when p + o < k and is
 * open otherwise. Linear in the number of nodes.
 */
export function evaluate(rule: Rule, side: Side, ask: Ask): Evaluated {
  switch (rule.kind) {
    case 'positive': {
      const asked = rule.side === 'same' ? side : rule.side
      const known = ask(rule.test, asked, side)
      return { kind: 'positive', rule, side: asked, truth: known.truth, open: known.truth === 'open' ? known.open : null }
    }
    case 'not': {
      const part = evaluate(rule.of, side, ask)
      return { kind: 'not', truth: opposite(part.truth), part }
    }
    case 'at-least': {
      const parts = rule.of.map((part) => evaluate(part, side, ask))
      const held = parts.filter((p) => p.truth === 'true').length
      const open = parts.filter((p) => p.truth === 'open').length
      return { kind: 'at-least', k: rule.k, truth: held >= rule.k ? 'true' : held + open < rule.k ? 'false' : 'open', parts }
    }
  }
}

function opposite(truth: Truth): Truth {
  return truth === 'open' ? 'open' : truth === 'true' ? 'false' : 'true'
}
