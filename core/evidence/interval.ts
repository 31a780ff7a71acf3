import { quantileSorted } from 'd3-array'
import { drawnGroup } from './drawn-group'
import { belowCeiling, type Bounds, heldIn, pool } from './pool'
import { groupLikelihoodRatio } from './dependence'
import { quoted, ratesOf } from './likelihood-ratio'
import { odds, probability } from './odds'
import { orderedLikelihoodRatio } from './ordered'
import { betaDraws, type RowInput, ratioDraws, rowInput } from './row-draws'
import type { Step, Weighed } from './weigh'

/** Draws used where nothing else is asked for. */
export const DRAWS = 4000

/** All that the interval of one source on one side depends on: plain data, so that it can cross to a worker. */
export interface IntervalInput {
  readonly key: string
  readonly prior: { readonly p: number; readonly effectiveN: number }
  readonly groups: readonly GroupInput[]
  /** A decided rule, times what lies outside it, and whether the groups are pooled with it or it speaks alone. */
  readonly rule: RuleInput | null
  /** Ratios that an open rule takes the groups back to, and a ceiling that a decided one keeps below. */
  readonly bounds: Bounds
}

/** A decided rule. */
export interface RuleInput {
  readonly row: RowInput
  readonly speaks: 'positive' | 'negative'
  readonly outside: number
  readonly pooled: boolean
  /** Nothing is said beyond it. */
  readonly strict: boolean
}

/** Answers of one group. */
export interface GroupInput {
  /** Null where they share no cause. */
  readonly rho: number | null
  readonly answers: readonly { readonly row: RowInput; readonly positive: boolean }[]
  /** What keeping the order multiplied the group's ratio by; nearly always 1. */
  readonly ordered: number
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
export function intervalInput(weighed: Pick<Weighed, 'source' | 'side' | 'prior' | 'joined' | 'rule' | 'outside' | 'pooled' | 'bounds'>): IntervalInput | null {
  const { rule, outside, pooled } = weighed
  const ruleRow = rule && rowInput(rule.row, rule.speaks, true)
  const groups = weighed.joined.map(({ group, steps }) => ({
    rho: group?.rho ?? null,
    ordered: group ? orderingOf(steps, group.rho) : 1,
    answers: steps.map((step) => ({
      row: rowInput(step.row, step.positive ? 'positive' : 'negative', steps.length === 1 || group === null),
      positive: step.positive,
    })),
  }))
  const needsGroups = !rule || pooled
  if ((rule && !ruleRow) || (needsGroups && groups.some((g) => g.answers.some((a) => a.row === null)))) return null
  return {
    key: `${weighed.source} ${weighed.side}`,
    prior: { p: weighed.prior.p, effectiveN: weighed.prior.effectiveN },
    groups: groups.map((g) => ({ ...g, answers: g.answers.flatMap((a) => (a.row ? [{ row: a.row, positive: a.positive }] : [])) })),
    rule: rule && ruleRow ? { row: ruleRow, speaks: rule.speaks, outside, pooled, strict: rule.insteadOf !== null } : null,
    bounds: weighed.bounds,
  }
}

/** What keeping the order multiplies the model of these answers by. */
function orderingOf(steps: readonly Step[], rho: number): number {
  const rated = steps.flatMap(({ positive, row }) => {
    const rates = ratesOf(row)
    return rates ? [{ positive, ...rates }] : []
  })
  return rated.length < 2 ? 1 : orderedLikelihoodRatio(rated, rho) / groupLikelihoodRatio(rated, rho)
}

/**
 * The spread of the estimate when pretest, sensitivity and specificity are uncertain.
 *
 * Rates are drawn from Beta with the study's counts and a Jeffreys prior; without counts from the number of people the
 * printed interval is worth, without either from 20. Each row has its own seed, so that sources sharing a row share its
 * draws, and the same examination always gives the same figure. Correlations, what lies outside a rule, and what keeping the order changed
 * are held at their values.
 */
export function intervalOf(input: IntervalInput, draws = DRAWS): Interval {
  const prior = betaDraws(`prior ${input.key}`, input.prior.p * input.prior.effectiveN, (1 - input.prior.p) * input.prior.effectiveN, draws)
  const ratios = ratiosOf(input, draws)
  const values = Array.from(prior.map((p, i) => probability(odds(p) * (ratios[i] ?? 1))).sort())
  const at = (p: number) => quantileSorted(values, p) ?? 0.5
  return { p05: at(0.05), median: at(0.5), p95: at(0.95) }
}

function ratiosOf({ rule, groups, bounds }: IntervalInput, draws: number): Float64Array {
  const model = new Float64Array(draws).fill(1)
  if (!rule || rule.pooled) {
    for (const group of groups) {
      const drawn = drawnGroup(group, draws)
      for (let i = 0; i < draws; i++) model[i] = (model[i] ?? 1) * (drawn[i] ?? 1)
    }
  }
  if (!rule) return model.map((lr) => heldIn(bounds, quoted(lr)))
  const says = ratioDraws(rule.row, rule.speaks === 'positive', draws).map((lr) => lr * rule.outside)
  if (!rule.pooled) return says.map(quoted)
  return says.map((lr, i) => {
    const pooled = pool(lr, quoted(model[i] ?? 1))
    return belowCeiling(bounds, quoted(rule.strict ? Math.min(lr, pooled) : pooled))
  })
}
