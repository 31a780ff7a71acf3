import { quantileSorted } from 'd3-array'
import { randomBeta, randomNormal } from 'd3-random'
import type { Accuracy } from './accuracy'
import { groupLikelihoodRatio } from './dependence'
import { peopleBehind, quoted, ratesOf } from './likelihood-ratio'
import { odds, probability } from './odds'
import { UNKNOWN_N } from './prior'
import { seededRandom } from './rng'
import { strongest, type Weighed } from './weigh'

/** Draws used where nothing else is asked for. */
export const DRAWS = 4000

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

/** All that the interval of one source on one side depends on. */
export interface IntervalInput {
  readonly key: string
  readonly prior: { readonly p: number; readonly effectiveN: number }
  readonly groups: readonly { readonly rho: number | null; readonly answers: readonly { readonly row: RowInput; readonly positive: boolean }[] }[]
  /** A decided rule speaks instead of the groups, times what lies outside it. */
  readonly rule: { readonly row: RowInput; readonly speaks: 'positive' | 'negative'; readonly outside: number } | null
  /** Ratios that an open rule holds the groups within. */
  readonly bounds: readonly [number, number]
}

/** Where the figure may lie: 5th, 50th and 95th percentile of the draws. */
export interface Interval {
  readonly p05: number
  readonly median: number
  readonly p95: number
}

/**
 * What a source's interval is computed from.
 *
 * @returns null when a row gives no rates to draw from
 */
export function intervalInput(weighed: Pick<Weighed, 'source' | 'side' | 'prior' | 'joined' | 'rule' | 'outside' | 'bounds'>): IntervalInput | null {
  const rule = weighed.rule && { row: rowInput(weighed.rule.row, weighed.rule.speaks, true), speaks: weighed.rule.speaks, outside: weighed.outside }
  const groups = weighed.joined.map((joined) => ({
    rho: joined.group?.rho ?? null,
    answers: joined.steps.map((step) => ({
      row: rowInput(step.row, step.positive ? 'positive' : 'negative', joined.steps.length === 1 || joined.group === null),
      positive: step.positive,
    })),
  }))
  const complete = rule ? rule.row !== null : groups.every((g) => g.answers.every((a) => a.row !== null))
  if (!complete) return null
  return {
    key: `${weighed.source} ${weighed.side}`,
    prior: { p: weighed.prior.p, effectiveN: weighed.prior.effectiveN },
    groups: groups.map((g) => ({ rho: g.rho, answers: g.answers.flatMap((a) => (a.row ? [{ row: a.row, positive: a.positive }] : [])) })),
    rule: rule?.row ? { row: rule.row, speaks: rule.speaks, outside: rule.outside } : null,
    bounds: weighed.bounds,
  }
}

/**
 * The spread of the headline figure when starting odds, sensitivity and specificity are uncertain.
 *
 * Rates are drawn from Beta with the study's counts and a Jeffreys prior; without counts from the number of people the
 * printed interval is worth, without either from 20. Each row has its own seed, so that sources sharing a row share its
 * draws, and the same examination always gives the same figure. Correlations are held at their fitted values.
 */
export function intervalOf(input: IntervalInput, draws = DRAWS): Interval {
  const prior = betaDraws(`prior ${input.key}`, input.prior.p * input.prior.effectiveN, (1 - input.prior.p) * input.prior.effectiveN, draws)
  const drawn = new Map<string, RowDraws>()
  const drawsOf = (row: RowInput): RowDraws => {
    const known = drawn.get(row.id)
    if (known) return known
    const made = rowDraws(row, draws)
    drawn.set(row.id, made)
    return made
  }
  const values = Array.from({ length: draws }, (_, i) => probability(odds(prior[i] ?? 0.5) * ratioOf(input, drawsOf, i))).sort((a, b) => a - b)
  const at = (p: number) => quantileSorted(values, p) ?? 0.5
  return { p05: at(0.05), median: at(0.5), p95: at(0.95) }
}

type RowDraws = { readonly sens: Float64Array; readonly spec: Float64Array } | { readonly ratio: Float64Array }

function rowDraws(row: RowInput, draws: number): RowDraws {
  if (row.kind === 'rates') {
    return { sens: betaDraws(`${row.id} sens`, ...row.sensCounts, draws), spec: betaDraws(`${row.id} spec`, ...row.specCounts, draws) }
  }
  const draw = randomNormal.source(seededRandom(`${row.id} ratio`))(Math.log(row.lr), row.spread)
  return { ratio: Float64Array.from({ length: draws }, () => Math.exp(draw())) }
}

function ratioOf(input: IntervalInput, drawsOf: (row: RowInput) => RowDraws, i: number): number {
  const rates = (row: RatesInput) => {
    const known = drawsOf(row)
    return 'sens' in known ? { sens: known.sens[i] ?? row.sens, spec: known.spec[i] ?? row.spec } : { sens: row.sens, spec: row.spec }
  }
  const single = (row: RowInput, positive: boolean) => {
    if (row.kind === 'ratio') {
      const known = drawsOf(row)
      return 'ratio' in known ? (known.ratio[i] ?? row.lr) : row.lr
    }
    const { sens, spec } = rates(row)
    return positive ? sens / (1 - spec) : (1 - sens) / spec
  }
  if (input.rule) return single(input.rule.row, input.rule.speaks === 'positive') * input.rule.outside
  const together = input.groups.reduce((lr, { rho, answers }) => {
    const measured = answers.flatMap(({ row, positive }) => (row.kind === 'rates' ? [{ positive, ...rates(row) }] : []))
    if (rho === null || answers.length === 1) return answers.reduce((m, a) => m * single(a.row, a.positive), lr)
    // As the figure itself is made: those with rates together, beside the strongest of those with a ratio alone.
    const alone = answers.flatMap((a) => (a.row.kind === 'ratio' ? [single(a.row, a.positive)] : []))
    return lr * strongest([groupLikelihoodRatio(measured, rho), ...alone])
  }, 1)
  return Math.min(input.bounds[1], Math.max(input.bounds[0], quoted(together)))
}

/** Draws of a rate from its successes and failures, kept off 0 and 1 so that odds stay finite. */
function betaDraws(seed: string, successes: number, failures: number, draws: number): Float64Array {
  const draw = randomBeta.source(seededRandom(seed))(successes + 0.5, failures + 0.5)
  return Float64Array.from({ length: draws }, () => Math.min(1 - 1e-9, Math.max(1e-9, draw())))
}

/** @param alone - it speaks by its ratio and not in a group, so that a printed interval of the ratio is the better one */
function rowInput(row: Accuracy, speaks: 'positive' | 'negative', alone: boolean): RowInput | null {
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
