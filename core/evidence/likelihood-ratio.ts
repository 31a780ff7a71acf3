import type { Accuracy } from './accuracy'
import type { Estimate } from './study'

/** How much a positive and a negative answer multiply the odds; null where that answer says nothing here. */
export interface LikelihoodRatios {
  readonly positive: number | null
  readonly negative: number | null
}

/** Outside this band no combined likelihood ratio is quoted: no study here is large enough to carry more. */
export const QUOTED: readonly [number, number] = [0.02, 50]

/** Bring a likelihood ratio into the band that may be quoted. */
export function quoted(lr: number): number {
  return Math.min(QUOTED[1], Math.max(QUOTED[0], lr))
}

/**
 * Likelihood ratios of one row.
 *
 * As printed where the paper prints them, else from sensitivity and specificity. A zero cell takes the
 * 0.5 correction on its counts, or on the people its interval is worth; without either such a row gives none. Where only one
 * answer may speak, the other is null.
 *
 * @returns undefined when the row holds too little for either
 */
export function likelihoodRatios(row: Accuracy): LikelihoodRatios | undefined {
  const rates = ratesOf(row)
  const positive = row.speaks === 'negative' ? null : (row.lrPositive?.value ?? (rates && rates.sens / (1 - rates.spec)) ?? null)
  const negative = row.speaks === 'positive' ? null : (row.lrNegative?.value ?? (rates && (1 - rates.sens) / rates.spec) ?? null)
  return positive === null && negative === null ? undefined : { positive, negative }
}

/**
 * Sensitivity and specificity of a row, kept inside 0 and 1.
 *
 * A printed 1.00 would make one answer a proof; the 0.5 correction takes its place, on the counts or on the number of people
 * for whom "all of them" has the printed interval: 0.025^(1/n) is its lower end.
 */
export function ratesOf(row: Pick<Accuracy, 'sens' | 'spec' | 'counts'>): { sens: number; spec: number } | undefined {
  if (!row.sens || !row.spec) return undefined
  const c = row.counts
  if (c && !(inside(row.sens.value) && inside(row.spec.value))) return { sens: (c.tp + 0.5) / (c.tp + c.fn + 1), spec: (c.tn + 0.5) / (c.tn + c.fp + 1) }
  const sens = corrected(row.sens)
  const spec = corrected(row.spec)
  return sens === undefined || spec === undefined ? undefined : { sens, spec }
}

function inside(p: number): boolean {
  return p > 0 && p < 1
}

function corrected({ value, interval }: Estimate): number | undefined {
  if (inside(value)) return value
  if (!interval) return undefined
  const [lower, upper] = interval
  if (value === 1 && lower > 0) return (peopleBehind(lower) + 0.5) / (peopleBehind(lower) + 1)
  return value === 0 && upper < 1 ? 0.5 / (peopleBehind(1 - upper) + 1) : undefined
}

/** People of whom all were alike, when the 95 % interval of that ends here (Clopper-Pearson). */
export function peopleBehind(end: number): number {
  return Math.log(0.025) / Math.log(end)
}
