import type { Accuracy } from './accuracy'

/** How much a positive and a negative answer multiply the odds. */
export interface LikelihoodRatios {
  readonly positive: number
  readonly negative: number
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
 * 0.5 correction on its counts; without counts such a row gives none.
 *
 * @returns undefined when the row holds too little
 */
export function likelihoodRatios(row: Accuracy): LikelihoodRatios | undefined {
  const rates = ratesOf(row)
  const positive = row.lrPositive?.value ?? (rates && rates.sens / (1 - rates.spec))
  const negative = row.lrNegative?.value ?? (rates && (1 - rates.sens) / rates.spec)
  return positive === undefined || negative === undefined ? undefined : { positive, negative }
}

/**
 * Sensitivity and specificity of a row, kept inside 0 and 1.
 *
 * A printed 1.00 would make one answer a proof; the 0.5 correction on the counts takes its place.
 */
export function ratesOf(row: Pick<Accuracy, 'sens' | 'spec' | 'counts'>): { sens: number; spec: number } | undefined {
  if (!row.sens || !row.spec) return undefined
  const sens = row.sens.value
  const spec = row.spec.value
  if (inside(sens) && inside(spec)) return { sens, spec }
  const c = row.counts
  if (!c) return undefined
  return { sens: (c.tp + 0.5) / (c.tp + c.fn + 1), spec: (c.tn + 0.5) / (c.tn + c.fp + 1) }
}

function inside(p: number): boolean {
  return p > 0 && p < 1
}
