import { chanceOfAtLeast, patternLikelihood, RHO_MAX } from './dependence'

/** Where a correlation is drawn to when little speaks for another. */
export const RHO_CENTRE = 0.2

/** Weight of the pull towards the centre against one study of {@link FULL_WEIGHT} people. */
const PULL = 1
const FULL_WEIGHT = 48

/** A published threshold in one state, with the source or without it: at least k of these tests, and how often that was reached. */
export interface Threshold {
  readonly row: string
  readonly k: number
  /** Each test's own chance of being positive in this state. */
  readonly ps: readonly number[]
  /** Published chance of reaching the threshold in this state, 0.5-corrected where it was 0 or 1. */
  readonly published: number
  /** People in the study. */
  readonly n: number
}

/** How well two tests of a group agreed in the same people. */
export interface Agreement {
  readonly row: string
  /** Cohen's kappa of the two, 0 to 1. */
  readonly kappa: number
  /** The rates both are taken to have, since both were judged alike there. */
  readonly sens: number
  readonly spec: number
  readonly n: number
}

/** Half of the people of an agreement study are taken to have the source: how many had it is rarely told, and it matters little. */
const HAD_IT = 0.5

/** Kappa of two tests with these rates that share their cause this strongly. */
export function impliedKappa({ sens, spec }: Pick<Agreement, 'sens' | 'spec'>, rho: number): number {
  const both = (positive: boolean) => {
    const pair = (p: number) =>
      patternLikelihood(
        [1, 2].map(() => ({ p, positive })),
        rho,
      )
    return HAD_IT * pair(sens) + (1 - HAD_IT) * pair(1 - spec)
  }
  const positive = HAD_IT * sens + (1 - HAD_IT) * (1 - spec)
  const byChance = positive ** 2 + (1 - positive) ** 2
  return (both(true) + both(false) - byChance) / (1 - byChance)
}

/**
 * The correlation that comes closest to all published thresholds, of people with the source and of people without it, and to published agreements.
 *
 * Minimises the squared distance between implied and published chances in logits, weighted by study size, plus a pull
 * towards {@link RHO_CENTRE}. A plain search in steps of 0.005 over 0 to {@link RHO_MAX}: one dimension needs no more.
 */
export function fitRho(thresholds: readonly Threshold[], agreements: readonly Agreement[] = []): number {
  const steps = Array.from({ length: Math.round(RHO_MAX / 0.005) + 1 }, (_, i) => i / 200)
  const cost = (rho: number) =>
    PULL * (rho - RHO_CENTRE) ** 2 +
    thresholds.reduce((sum, t) => sum + (t.n / FULL_WEIGHT) * (logit(chanceOfAtLeast(t.k, t.ps, rho)) - logit(t.published)) ** 2, 0) +
    agreements.reduce((sum, a) => sum + (a.n / FULL_WEIGHT) * (logit(impliedKappa(a, rho)) - logit(a.kappa)) ** 2, 0)
  return steps.reduce((best, rho) => (cost(rho) < cost(best) ? rho : best), 0)
}

function logit(p: number): number {
  return Math.log(p / (1 - p))
}
