/** Odds of a probability, 0 to infinity. */
export function odds(p: number): number {
  return p / (1 - p)
}

/** Probability of odds. */
export function probability(o: number): number {
  return o === Infinity ? 1 : o / (1 + o)
}

/**
 * Starting probability after evidence of this likelihood ratio.
 *
 * @example posterior(0.3, 4.02) // 0.633: one rule met
 */
export function posterior(prior: number, lr: number): number {
  return probability(odds(prior) * lr)
}
