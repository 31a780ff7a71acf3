import type { Assessment } from '../../core/assess'
import { plans } from '../../core/clusters/school-rules'
import { leaderOf } from '../../core/sensitivity'
import { type Moment, SORE } from './arm'

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

/**
 * Seconds from which on this source led until the end; the whole time where it did not lead at the end.
 *
 * @param path - who led after each test
 */
export function settledAt(path: readonly Moment[], leader: string | null): number {
  const other = path.findLastIndex((m) => m.leader !== leader)
  return path[other + 1]?.seconds ?? path.at(-1)?.seconds ?? 0
}

/** What was said of something, and whether it was true. */
export interface Said {
  readonly said: number
  readonly truth: boolean
}

/** Mean squared difference between what was said and what was true: 0 is perfect, 0.25 is a coin. */
export function brier(all: readonly Said[]): number {
  return mean(all.map((f) => (f.said - Number(f.truth)) ** 2))
}

/** One tenth of the scale: what was said there on average, and how often it was true. */
export interface Tenth {
  readonly n: number
  readonly said: number
  readonly true: number
}

/** Forecasts in ten bands of what was said; empty bands are left out. */
export function tenths(all: readonly Said[]): readonly Tenth[] {
  return Array.from({ length: 10 }, (_, i) => all.filter(({ said }) => Math.min(9, Math.floor(said * 10)) === i))
    .filter((band) => band.length > 0)
    .map((band) => ({ n: band.length, said: mean(band.map((f) => f.said)), true: mean(band.map((f) => Number(f.truth))) }))
}

/** Mean distance between said and true over the bands, each weighed by how many it holds. */
export function calibrationError(all: readonly Said[]): number {
  return tenths(all).reduce((sum, t) => sum + (t.n / all.length) * Math.abs(t.said - t.true), 0)
}

/**
 * Area under the ROC curve: how often what is there was given more than what is not; ties count half.
 *
 * @returns NaN where all or none are true
 */
export function auc(all: readonly Said[]): number {
  const sorted = all.toSorted((a, b) => a.said - b.said)
  let ranks = 0
  for (let i = 0; i < sorted.length; ) {
    let end = i
    while (end < sorted.length && sorted[end]?.said === sorted[i]?.said) end += 1
    // Ties share the middle of their ranks.
    const rank = (i + 1 + end) / 2
    for (; i < end; i++) if (sorted[i]?.truth) ranks += rank
  }
  const there = all.filter((f) => f.truth).length
  return (ranks - (there * (there + 1)) / 2) / (there * (all.length - there))
}

/**
 * Net benefit of acting on whatever is said to be at least this likely: true ones acted on, less false ones at the odds the threshold puts on
 * them, for each forecast (Vickers and Elkin 2006).
 */
export function netBenefit(all: readonly Said[], threshold: number): number {
  const acted = all.filter((f) => f.said >= threshold)
  const right = acted.filter((f) => f.truth).length
  return (right - (acted.length - right) * (threshold / (1 - threshold))) / all.length
}

export function mean(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length
}
