import type { Assessment } from '../../core/assess'
import { plans } from '../../core/clusters/school-rules'
import { headlineOf } from '../../core/evidence/headline'
import { leaderOf } from '../../core/sensitivity'
import { SORE, type Outcome } from './arm'
import type { Case } from './case'

/** What each way of reckoning said of one source of one case, and what was true. */
export interface Forecast {
  readonly truth: boolean
  readonly headline: number
  readonly model: number
  readonly product: number
  /** A decided published rule's own figure, else where the odds started. */
  readonly ruleOnly: number
  /** Tests that share a cause spoke of it: the only place where the model and the product can differ. */
  readonly joined: boolean
}

/** Forecasts of every source that anything spoke about, on the sore side. */
export function forecasts({ assessment }: Outcome, made: Case): readonly Forecast[] {
  return assessment.sources.flatMap((s): Forecast[] =>
    s.side === SORE && s.weighed
      ? [
          {
            truth: made.truth[s.source],
            headline: headlineOf(s.weighed),
            model: s.weighed.model,
            product: s.weighed.product,
            ruleOnly: s.weighed.rule?.postTest ?? s.weighed.prior.p,
            joined: s.weighed.joined.some((j) => j.steps.length > 1),
          },
        ]
      : [],
  )
}

/** How a shorter way's rule verdicts stand to those of the full battery. */
export interface Agreement {
  readonly decided: number
  readonly same: number
  readonly leftOpen: number
  readonly contrary: number
}

/** The planned rules that the full battery decides, and what the shorter way made of them. */
export function agreement(full: Assessment, short: Assessment): Agreement {
  const mine = full.rules.filter((r) => r.side === SORE && r.cluster.basis === 'published' && plans(r.cluster, full.exam) && r.state !== 'open')
  const states = mine.map((r) => ({ full: r.state, short: short.rules.find((s) => s.cluster === r.cluster && s.side === SORE)?.state ?? 'open' }))
  return {
    decided: mine.length,
    same: states.filter((s) => s.short === s.full).length,
    leftOpen: states.filter((s) => s.short === 'open').length,
    contrary: states.filter((s) => s.short !== 'open' && s.short !== s.full).length,
  }
}

/** Does the shorter way put the same source first? */
export function sameLeader(full: Assessment, short: Assessment): boolean {
  return leaderOf(full) === leaderOf(short)
}

/** Mean squared difference between what was said and what was true: 0 is perfect, 0.25 is a coin. */
export function brier(all: readonly Forecast[], said: (f: Forecast) => number): number {
  return mean(all.map((f) => (said(f) - Number(f.truth)) ** 2))
}

/** One tenth of the scale: what was said there on average, and how often it was true. */
export interface Tenth {
  readonly n: number
  readonly said: number
  readonly true: number
}

/** Forecasts in ten bands of what was said; empty bands are left out. */
export function tenths(all: readonly Forecast[], said: (f: Forecast) => number): readonly Tenth[] {
  return Array.from({ length: 10 }, (_, i) => all.filter((f) => Math.min(9, Math.floor(said(f) * 10)) === i))
    .filter((band) => band.length > 0)
    .map((band) => ({ n: band.length, said: mean(band.map(said)), true: mean(band.map((f) => Number(f.truth))) }))
}

/** Mean distance between said and true over the bands, each weighed by how many it holds. */
export function calibrationError(all: readonly Forecast[], said: (f: Forecast) => number): number {
  return tenths(all, said).reduce((sum, t) => sum + (t.n / all.length) * Math.abs(t.said - t.true), 0)
}

export function mean(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length
}
