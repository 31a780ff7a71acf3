import type { Truth } from '../vocabulary/truth'
import type { Rule } from './rule'

/** Why a condition is open: what to do about it differs. */
export type Openness = 'untried' | 'unclear' | 'not-applicable'

/** What is known of one condition. */
export type Known = { readonly truth: 'true' | 'false' } | { readonly truth: 'open'; readonly open: Openness }

/** Answers for single conditions; a rule knows nothing of examinations. */
export type Ask<L> = (leaf: L) => Known

/** A rule with the truth of every node, so that it can be drawn and followed. */
export type Evaluated<L> =
  | { readonly kind: 'at-least'; readonly k: number; readonly truth: Truth; readonly parts: readonly Evaluated<L>[] }
  | {
      readonly kind: 'weighted'
      readonly points: number
      readonly truth: Truth
      readonly parts: readonly { readonly worth: number; readonly part: Evaluated<L> }[]
    }
  | { readonly kind: 'not'; readonly truth: Truth; readonly part: Evaluated<L> }
  | { readonly kind: 'leaf'; readonly leaf: L; readonly truth: Truth; readonly open: Openness | null }

/**
 * Give a rule its truth, with answers missing.
 *
 * With p parts true and o open, "at least k" holds when p >= k, is out of reach when p + o < k and is
 * open otherwise; a weighted sum is read the same way in points. Linear in the number of nodes.
 */
export function evaluate<L>(rule: Rule<L>, ask: Ask<L>): Evaluated<L> {
  switch (rule.kind) {
    case 'leaf': {
      const known = ask(rule.leaf)
      return { kind: 'leaf', leaf: rule.leaf, truth: known.truth, open: known.truth === 'open' ? known.open : null }
    }
    case 'not': {
      const part = evaluate(rule.of, ask)
      return { kind: 'not', truth: opposite(part.truth), part }
    }
    case 'at-least': {
      const parts = rule.of.map((part) => evaluate(part, ask))
      return { kind: 'at-least', k: rule.k, truth: reached(rule.k, sumOf(parts, 'true'), sumOf(parts, 'open')), parts }
    }
    case 'weighted': {
      const parts = rule.of.map(({ worth, part }) => ({ worth, part: evaluate(part, ask) }))
      const points = (truth: Truth) => parts.reduce((sum, { worth, part }) => sum + (part.truth === truth ? worth : 0), 0)
      return { kind: 'weighted', points: rule.points, truth: reached(rule.points, points('true'), points('open')), parts }
    }
  }
}

function sumOf<L>(parts: readonly Evaluated<L>[], truth: Truth): number {
  return parts.filter((p) => p.truth === truth).length
}

function reached(asked: number, held: number, open: number): Truth {
  if (held >= asked) return 'true'
  return held + open < asked ? 'false' : 'open'
}

function opposite(truth: Truth): Truth {
  return truth === 'open' ? 'open' : truth === 'true' ? 'false' : 'true'
}
