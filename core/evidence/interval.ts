import { quantileSorted } from 'd3-array'
import { randomBeta } from 'd3-random'
import type { Accuracy } from './accuracy'
import { groupLikelihoodRatio, type Rho } from './dependence'
import { quoted, ratesOf } from './likelihood-ratio'
import { odds, probability } from './odds'
import { UNKNOWN_N } from './prior'
import { seededRandom } from './rng'
import type { Study } from './study'
import type { Weighed } from './weigh'

/** Draws used where nothing else is asked for. */
export const DRAWS = 4000

/** What one row contributes to a draw: plain data, so that it can cross to a worker. */
export interface RowInput {
  readonly id: string
  readonly sens: number
  readonly spec: number
  /** How many people each rate is worth, as counts of successes and failures (Jeffreys added later). */
  readonly sensCounts: readonly [number, number]
  readonly specCounts: readonly [number, number]
  /** Neither counts nor an interval were known. */
  readonly unverifiedN: boolean
}

/** All that the interval of one source on one side depends on. */
export interface IntervalInput {
  readonly key: string
  readonly prior: { readonly p: number; readonly effectiveN: number }
  readonly groups: readonly { readonly rho: Rho | null; readonly answers: readonly { readonly row: RowInput; readonly positive: boolean }[] }[]
  /** A decided rule speaks instead of the groups. */
  readonly rule: { readonly row: RowInput; readonly speaks: 'positive' | 'negative' } | null
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
export function intervalInput(weighed: Pick<Weighed, 'source' | 'side' | 'prior' | 'joined' | 'rule'>): IntervalInput | null {
  const rule = weighed.rule && { row: rowInput(weighed.rule.row), speaks: weighed.rule.speaks }
  const groups = weighed.joined.map((joined) => ({
    rho: joined.group?.rho ?? null,
    answers: joined.steps.map((step) => ({ row: rowInput(step.row), positive: step.positive })),
  }))
  const complete = rule ? rule.row !== null : groups.every((g) => g.answers.every((a) => a.row !== null))
  if (!complete) return null
  return {
    key: `${weighed.source} ${weighed.side}`,
    prior: { p: weighed.prior.p, effectiveN: weighed.prior.effectiveN },
    groups: groups.map((g) => ({ rho: g.rho, answers: g.answers.flatMap((a) => (a.row ? [{ row: a.row, positive: a.positive }] : [])) })),
    rule: rule?.row ? { row: rule.row, speaks: rule.speaks } : null,
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
  const rates = new Map<string, RowDraws>()
  const ratesFor = (row: RowInput): RowDraws => {
    const known = rates.get(row.id)
    if (known) return known
    const made = { sens: betaDraws(`${row.id} sens`, ...row.sensCounts, draws), spec: betaDraws(`${row.id} spec`, ...row.specCounts, draws) }
    rates.set(row.id, made)
    return made
  }
  const values = Array.from({ length: draws }, (_, i) => probability(odds(prior[i] ?? 0.5) * ratioOf(input, ratesFor, i))).sort((a, b) => a - b)
  const at = (p: number) => quantileSorted(values, p) ?? 0.5
  return { p05: at(0.05), median: at(0.5), p95: at(0.95) }
}

interface RowDraws {
  readonly sens: Float64Array
  readonly spec: Float64Array
}

function ratioOf(input: IntervalInput, ratesFor: (row: RowInput) => RowDraws, i: number): number {
  const at = (row: RowInput) => {
    const drawn = ratesFor(row)
    return { sens: drawn.sens[i] ?? row.sens, spec: drawn.spec[i] ?? row.spec }
  }
  if (input.rule) {
    const { sens, spec } = at(input.rule.row)
    return input.rule.speaks === 'positive' ? sens / (1 - spec) : (1 - sens) / spec
  }
  const together = input.groups.reduce((lr, group) => {
    const answers = group.answers.map((a) => ({ positive: a.positive, ...at(a.row) }))
    if (group.rho && answers.length > 1) return lr * groupLikelihoodRatio(answers, group.rho)
    return answers.reduce((m, a) => m * (a.positive ? a.sens / (1 - a.spec) : (1 - a.sens) / a.spec), lr)
  }, 1)
  return quoted(together)
}

/** Draws of a rate from its successes and failures, kept off 0 and 1 so that odds stay finite. */
function betaDraws(seed: string, successes: number, failures: number, draws: number): Float64Array {
  const draw = randomBeta.source(seededRandom(seed))(successes + 0.5, failures + 0.5)
  return Float64Array.from({ length: draws }, () => Math.min(1 - 1e-9, Math.max(1e-9, draw())))
}

function rowInput(row: Accuracy): RowInput | null {
  const rates = ratesOf(row)
  if (!rates) return null
  const { counts } = row
  if (counts) return { id: row.id, ...rates, sensCounts: [counts.tp, counts.fn], specCounts: [counts.tn, counts.fp], unverifiedN: false }
  const sensN = peopleOf(row.sens, row.from)
  const specN = peopleOf(row.spec, row.from)
  return {
    id: row.id,
    ...rates,
    sensCounts: [rates.sens * sensN, (1 - rates.sens) * sensN],
    specCounts: [rates.spec * specN, (1 - rates.spec) * specN],
    unverifiedN: !row.sens?.interval || !row.spec?.interval,
  }
}

/** People an estimate is worth: from the width of its 95 % interval, else {@link UNKNOWN_N}; never more than the study had. */
function peopleOf(estimate: Accuracy['sens'], study: Study): number {
  if (!estimate?.interval) return UNKNOWN_N
  const se = (estimate.interval[1] - estimate.interval[0]) / (2 * 1.96)
  const n = (estimate.value * (1 - estimate.value)) / se ** 2
  return study.n === null ? n : Math.min(n, study.n)
}
