import { type Estimate, Z } from './estimate'
import { proportion } from './proportion'

/** A rule or test against what turned out to be: how often which came together. */
export interface TwoByTwo {
  readonly truePositive: number
  readonly falsePositive: number
  readonly falseNegative: number
  readonly trueNegative: number
}

/** Accuracy against a later answer. A figure is null where nobody was there to count. */
export interface Accuracy {
  readonly n: number
  readonly sensitivity: Estimate | null
  readonly specificity: Estimate | null
  readonly lrPositive: Estimate | null
  readonly lrNegative: Estimate | null
}

/**
 * Sensitivity and specificity with Wilson's interval; likelihood ratios with the log interval of Simel, Samsa and Matchar 1991 (J Clin
 * Epidemiol 44:763). A cell of zero gets 0.5 added to every cell for the ratios, as everywhere in this product.
 */
export function accuracyOf({ truePositive: a, falsePositive: b, falseNegative: c, trueNegative: d }: TwoByTwo): Accuracy {
  const ill = a + c
  const well = b + d
  const none = ill === 0 || well === 0
  const plus = [a, b, c, d].includes(0) ? 0.5 : 0
  const [ta, tb, tc, td] = [a + plus, b + plus, c + plus, d + plus]
  return {
    n: ill + well,
    sensitivity: proportion(a, ill),
    specificity: proportion(d, well),
    lrPositive: none ? null : ratio(ta, ta + tc, tb, tb + td),
    lrNegative: none ? null : ratio(tc, ta + tc, td, tb + td),
  }
}

/** A ratio of two proportions with its log interval. */
function ratio(hits: number, of: number, others: number, ofOthers: number): Estimate {
  const value = hits / of / (others / ofOthers)
  const error = Math.sqrt(1 / hits - 1 / of + 1 / others - 1 / ofOthers)
  return { value, low: Math.exp(Math.log(value) - Z * error), high: Math.exp(Math.log(value) + Z * error) }
}
