import { randomNormal } from 'd3-random'
import type { Accuracy } from './accuracy'
import { betaSample } from './beta'
import { peopleBehind, ratesOf } from './likelihood-ratio'
import { UNKNOWN_N } from './prior'
import { seededRandom } from './rng'

/** What one row contributes to a draw: plain data, so that it can cross to a worker. */
export type RowInput = RatesInput | RatioInput

/** A row with sensitivity and specificity. */
export interface RatesInput {
  readonly kind: 'rates'
  readonly id: string
  readonly sens: number
  readonly spec: number
  /** How many people each rate is worth, as counts of successes and failures (Jeffreys added later). */
  readonly sensCounts: readonly [number, number]
  readonly specCounts: readonly [number, number]
  /** Neither counts nor an interval were known. */
  readonly unverifiedN: boolean
}

/** A row with a printed ratio alone: its logarithm is drawn from a normal. */
export interface RatioInput {
  readonly kind: 'ratio'
  readonly id: string
  readonly lr: number
  /** Standard deviation of the logarithm, from the printed interval. */
  readonly spread: number
  readonly unverifiedN: boolean
}

/** People a rate is worth at most where criterion, target or recall are only near. */
export const NEAR_N = 10

/** Spread of a ratio without an interval: 95 % within a factor of four either way. */
export const UNKNOWN_SPREAD = Math.log(4) / 1.96

/** Rows are shared by sources and by one examination after another, so what was drawn of them is kept; so many arrays of draws. */
const KEPT = 600
const DRAWN = new Map<string, Float64Array>()

function keptDraws(key: string, draw: () => Float64Array): Float64Array {
  const known = DRAWN.get(key)
  if (known) return known
  if (DRAWN.size >= KEPT) DRAWN.clear()
  const made = draw()
  DRAWN.set(key, made)
  return made
}

/** Draws of a row's sensitivity and specificity: the same for every source that shares it. */
export function ratesDraws(row: RatesInput, draws: number): { readonly sens: Float64Array; readonly spec: Float64Array } {
  return { sens: betaDraws(`${row.id} sens`, ...row.sensCounts, draws), spec: betaDraws(`${row.id} spec`, ...row.specCounts, draws) }
}

/** Draws of the ratio a row multiplies the odds by for one answer, by itself. */
export function ratioDraws(row: RowInput, positive: boolean, draws: number): Float64Array {
  if (row.kind === 'ratio')
    return keptDraws(`${row.id} ${row.lr} ${row.spread} ${draws}`, () => {
      const draw = randomNormal.source(seededRandom(`${row.id} ratio`))(Math.log(row.lr), row.spread)
      return Float64Array.from({ length: draws }, () => Math.exp(draw()))
    })
  const { sens, spec } = ratesDraws(row, draws)
  return sens.map((se, i) => {
    const sp = spec[i] ?? 0.5
    return positive ? se / (1 - sp) : (1 - se) / sp
  })
}

/** Draws of a rate from its successes and failures, kept off 0 and 1 so that odds stay finite. */
export function betaDraws(seed: string, successes: number, failures: number, draws: number): Float64Array {
  return keptDraws(`${seed} ${successes} ${failures} ${draws}`, () => {
    const drawn = betaSample(seededRandom(seed), successes + 0.5, failures + 0.5, draws)
    return drawn.map((p) => Math.min(1 - 1e-9, Math.max(1e-9, p)))
  })
}

/**
 * What a row contributes; null where it gives nothing to draw from.
 *
 * @param alone - it speaks by its ratio and not in a group, so that a printed interval of the ratio is the better one
 */
export function rowInput(row: Accuracy, speaks: 'positive' | 'negative', alone: boolean): RowInput | null {
  const rates = ratesOf(row)
  const printed = speaks === 'positive' ? row.lrPositive : row.lrNegative
  if (!rates || (alone && printed?.interval)) return ratioInput(row, speaks)
  const { counts } = row
  const sens = peopleOf(row.sens, row, counts && counts.tp + counts.fn)
  const spec = peopleOf(row.spec, row, counts && counts.tn + counts.fp)
  const kept = counts ?? { tp: rates.sens * sens.n, fn: (1 - rates.sens) * sens.n, tn: rates.spec * spec.n, fp: (1 - rates.spec) * spec.n }
  const [ofSens, ofSpec] = [share(kept.tp + kept.fn, row), share(kept.tn + kept.fp, row)]
  return {
    kind: 'rates',
    id: row.id,
    ...rates,
    sensCounts: [kept.tp * ofSens, kept.fn * ofSens],
    specCounts: [kept.tn * ofSpec, kept.fp * ofSpec],
    unverifiedN: sens.unverified || spec.unverified,
  }
}

/** What its people count for: all of them, or at most {@link NEAR_N} where the row is only near. */
function share(people: number, { near }: Accuracy): number {
  return near && people > NEAR_N ? NEAR_N / people : 1
}

function ratioInput(row: Accuracy, speaks: 'positive' | 'negative'): RatioInput | null {
  const printed = speaks === 'positive' ? row.lrPositive : row.lrNegative
  if (!printed) return null
  const { value, interval } = printed
  const told = interval ? (Math.log(interval[1]) - Math.log(interval[0])) / (2 * 1.96) : UNKNOWN_SPREAD
  return { kind: 'ratio', id: `${row.id} ${speaks}`, lr: value, spread: row.near ? Math.max(told, UNKNOWN_SPREAD) : told, unverifiedN: !interval }
}

/**
 * People an estimate is worth: as counted, else from the width of its 95 % interval and never more than the study had, else half of a
 * study whose size is known (how many had the source is not), else {@link UNKNOWN_N}.
 */
function peopleOf(estimate: Accuracy['sens'], { from: { n } }: Accuracy, counted: number | null): { readonly n: number; readonly unverified: boolean } {
  if (counted !== null) return { n: counted, unverified: false }
  if (!estimate?.interval) return n === null ? { n: UNKNOWN_N, unverified: true } : { n: n / 2, unverified: false }
  if (estimate.value === 1) return { n: peopleBehind(estimate.interval[0]), unverified: false }
  const se = (estimate.interval[1] - estimate.interval[0]) / (2 * 1.96)
  const worth = (estimate.value * (1 - estimate.value)) / se ** 2
  return { n: n === null ? worth : Math.min(worth, n), unverified: false }
}
