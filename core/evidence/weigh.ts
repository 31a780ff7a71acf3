import { group } from 'd3-array'
import type { ExamTest } from '../catalogue/exam-test'
import type { RuleVerdict } from '../clusters/verdict'
import type { Finding } from '../findings/finding'
import type { Side } from '../vocabulary/side'
import type { Accuracy } from './accuracy'
import { groupLikelihoodRatio } from './dependence'
import { type Group, groupOf } from './groups'
import { likelihoodRatios, quoted, ratesOf } from './likelihood-ratio'
import { posterior } from './odds'
import { type Prior, type WeighedSource } from './prior'
import { preferredRow } from './register'

/** One finding that moves the odds, by itself. */
export interface Step {
  readonly test: string
  readonly positive: boolean
  /** Its likelihood ratio when it stands alone. */
  readonly lr: number
  readonly row: Accuracy
  readonly group: Group | null
}

/** Findings that share a cause, and what they are worth together. */
export interface JoinedStep {
  readonly group: Group | null
  readonly steps: readonly Step[]
  /** Likelihood ratio of all of them together, shared cause counted once. */
  readonly together: number
  /** What multiplying them would have given. */
  readonly multiplied: number
}

/** What a decided rule says by itself. */
export interface RuleFigure {
  readonly rule: RuleVerdict
  readonly row: Accuracy
  readonly lr: number
  /** Which of the row's two ratios speaks. */
  readonly speaks: 'positive' | 'negative'
  readonly postTest: number
}

/** All figures for one source on one side; they stand side by side and never replace each other silently. */
export interface Weighed {
  readonly source: WeighedSource
  readonly side: Side
  readonly prior: Prior
  readonly joined: readonly JoinedStep[]
  /** Probability with shared causes counted once. */
  readonly model: number
  /** Probability by multiplying every single ratio, as if no two tests shared a cause; shown for comparison. */
  readonly product: number
  readonly rule: RuleFigure | null
  readonly headline: 'rule' | 'model'
  /** Do the rule and the model differ by more than a factor of two in their ratios? */
  readonly apart: boolean
}

/**
 * Weigh one source on one side.
 *
 * A decided rule speaks first with its own published ratio; while every rule is open the model speaks.
 *
 * @returns null while no finding moves this source: what was not tested is not known
 */
export function weigh(
  source: WeighedSource,
  side: Side,
  prior: Prior,
  findings: readonly Finding[],
  rules: readonly RuleVerdict[],
  testById: (id: string) => ExamTest | undefined,
): Weighed | null {
  const steps = stepsOf(source, side, findings, testById)
  const joined = join(steps)
  const together = quoted(joined.reduce((lr, j) => lr * j.together, 1))
  const multiplied = joined.reduce((lr, j) => lr * j.multiplied, 1)
  const rule = decidedRule(source, side, rules, prior.p)
  if (steps.length === 0 && !rule) return null
  return {
    source,
    side,
    prior,
    joined,
    model: posterior(prior.p, together),
    product: posterior(prior.p, multiplied),
    rule,
    headline: rule ? 'rule' : 'model',
    apart: rule !== null && Math.max(rule.lr / together, together / rule.lr) > 2,
  }
}

function stepsOf(source: WeighedSource, side: Side, findings: readonly Finding[], testById: (id: string) => ExamTest | undefined): readonly Step[] {
  return findings.flatMap((finding) => {
    if (finding.about !== side || (finding.result !== 'positive' && finding.result !== 'negative')) return []
    if (!finding.readings.some((r) => r.source === source && r.strength === 'quantified')) return []
    const row = preferredRow(finding.test, source, finding.side, finding.variant)
    const ratios = row && likelihoodRatios(row)
    if (!row || !ratios) return []
    const positive = finding.result === 'positive'
    const shared = groupOf(testById(finding.test)?.shares ?? []) ?? null
    return [{ test: finding.test, positive, lr: positive ? ratios.positive : ratios.negative, row, group: shared }]
  })
}

function join(steps: readonly Step[]): readonly JoinedStep[] {
  const byGroup = group(steps, (step) => step.group ?? step.test)
  return [...byGroup.values()].map((members) => {
    const shared = members[0]?.group ?? null
    const multiplied = members.reduce((lr, step) => lr * step.lr, 1)
    const answers = members.flatMap((step) => {
      const rates = ratesOf(step.row)
      return rates ? [{ positive: step.positive, ...rates }] : []
    })
    // Ratios printed without sensitivity and specificity cannot enter the model, so they are multiplied.
    const together = shared && members.length > 1 && answers.length === members.length ? groupLikelihoodRatio(answers, shared.rho) : multiplied
    return { group: shared, steps: members, together, multiplied }
  })
}

function decidedRule(source: WeighedSource, side: Side, rules: readonly RuleVerdict[], prior: number): RuleFigure | null {
  for (const rule of rules) {
    if (rule.side !== side || rule.cluster.source !== source) continue
    const speaks = speaksOf(rule)
    if (!speaks) continue
    const row = preferredRow(figureOf(rule), source, side)
    const ratios = row && likelihoodRatios(row)
    if (!row || !ratios) continue
    const lr = ratios[speaks]
    return { rule, row, lr, speaks, postTest: posterior(prior, lr) }
  }
  return null
}

/** Which ratio a rule's state calls for; null while it is open, or where its failing says nothing. */
export function speaksOf(rule: Pick<RuleVerdict, 'state' | 'cluster'>): 'positive' | 'negative' | null {
  if (rule.state === 'open') return null
  if (rule.cluster.rulesOut) return rule.state === 'met' ? 'negative' : null
  if (rule.cluster.failingSaysNothing && rule.state !== 'met') return null
  return rule.state === 'met' ? 'positive' : 'negative'
}

/** The register's name for what this rule says now: its own, or that of a count with a figure of its own. */
export function figureOf(rule: Pick<RuleVerdict, 'cluster' | 'positives'>): string {
  return rule.cluster.figures?.[rule.positives] ?? rule.cluster.id
}
