/** The estimate stays within this factor of the model, so that no answer that decides a rule moves it by more than this times its own worth. */
export const NEVER_FURTHER = 1.5

/**
 * One ratio from two that read the same answers: halfway from the model to the rule in logarithms, and never further from the model than
 * {@link NEVER_FURTHER}.
 *
 * A decided rule was measured as a whole, yet in one small study that also chose its threshold, which flatters it, and it turns over by a
 * single answer; the model counts every answer, yet assumes how they hang together. Pooling logarithms with equal weight (a logarithmic
 * opinion pool; Genest and Zidek 1986) within that band was as near to the truth as the better of the two, or nearer, in all five kinds of
 * generated people of the test bed (docs/bench.md). It keeps the order of both: where neither falls, neither does what lies between them.
 */
export function pool(rule: number, model: number): number {
  return model * Math.min(NEVER_FURTHER, Math.max(1 / NEVER_FURTHER, Math.sqrt(rule / model)))
}

/**
 * What an open rule would say once decided, as ratios: the least and the most its tests may make of themselves until then. Of a decided rule only a strict
 * ceiling is left: broken it says no more than it would have said met.
 */
export interface Bounds {
  readonly low: number
  readonly high: number
  /** What the rule would say once met rests on what the model does not see, so that nothing is said beyond it. */
  readonly strict: boolean
}

/** A ratio, and no more than a met rule would say that rests on what the model does not see. */
export function belowCeiling({ high, strict }: Bounds, ratio: number): number {
  return strict ? Math.min(ratio, high) : ratio
}

/** The model's ratio while its rule is open: where it goes beyond what the rule could say, as far as it would with the rule decided that way. */
export function heldIn({ low, high, strict }: Bounds, model: number): number {
  if (model > high) return strict ? high : pool(high, model)
  return model < low ? pool(low, model) : model
}
