import { group } from 'd3-array'
import type { ExamTest } from '../catalogue/exam-test'
import { askItem, type Ground } from '../clusters/ask'
import { mayMove } from '../clusters/cluster'
import type { RuleVerdict } from '../clusters/verdict'
import type { Finding } from '../findings/finding'
import type { Side } from '../vocabulary/side'
import type { Accuracy } from './accuracy'
import { CENTRALISERS, centralises } from './centralisation'
import { groupLikelihoodRatio, type Rho } from './dependence'
import { type Group, groupOf } from './groups'
import { type LikelihoodRatios, likelihoodRatios, quoted, ratesOf } from './likelihood-ratio'
import { posterior } from './odds'
import type { Prior, WeighedSource } from './prior'
import type { RowFinder } from './register'
import { SIGNS } from './signs'

/** One finding that moves the odds, by itself. */
export interface Step {
  /** The test, or the sign of a test, it comes from. */
  readonly of: string
  readonly label: string
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
  /** Some row gives no sensitivity and specificity, so only the strongest ratio of the group counts. */
  readonly strongestOnly: boolean
}

/** What a decided rule says by itself. */
export interface RuleFigure {
  readonly rule: RuleVerdict
  readonly row: Accuracy
  readonly lr: number
  /** Which of the row's two ratios speaks. */
  readonly speaks: 'positive' | 'negative'
  readonly postTest: number
  /** The published ratio, where what else was found calls for another one. */
  readonly insteadOf: { readonly row: Accuracy; readonly lr: number; readonly postTest: number; readonly why: string } | null
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

/** What weighing reads beside the findings. */
export interface Scales {
  readonly ground: Ground
  readonly rules: readonly RuleVerdict[]
  readonly find: RowFinder
  readonly testById: (id: string) => ExamTest | undefined
  /** Every correlation held at this instead of its own, to see whether the answer hangs on it. */
  readonly rho?: number
}

/**
 * Weigh one source on one side.
 *
 * A decided rule speaks first with its own published ratio; while every rule is open the model speaks.
 *
 * @returns null while no finding moves this source: what was not tested is not known
 */
export function weigh(source: WeighedSource, side: Side, prior: Prior, scales: Scales): Weighed | null {
  const steps = [...testSteps(source, side, scales), ...signSteps(source, side, scales)]
  const joined = join(steps, scales.rho)
  const together = quoted(joined.reduce((lr, j) => lr * j.together, 1))
  const multiplied = joined.reduce((lr, j) => lr * j.multiplied, 1)
  const rule = decidedRule(source, side, prior.p, scales)
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

function testSteps(source: WeighedSource, side: Side, { ground, find, testById }: Scales): readonly Step[] {
  return ground.findings.flatMap((finding) => {
    if (finding.about !== side || !mayCount(finding, source)) return []
    const test = testById(finding.test)
    const row = find(finding.test, source, finding.side, finding.variant)
    return stepOf(row, finding.result === 'positive', {
      of: finding.test,
      label: test?.name ?? finding.test,
      test: finding.test,
      group: groupOf(test?.shares ?? []) ?? null,
    })
  })
}

function mayCount(finding: Finding, source: WeighedSource): boolean {
  return (finding.result === 'positive' || finding.result === 'negative') && finding.readings.some((r) => r.source === source && r.strength === 'quantified')
}

function signSteps(source: WeighedSource, side: Side, { ground, find }: Scales): readonly Step[] {
  return SIGNS.flatMap((sign) => {
    if (sign.source !== source) return []
    const { truth } = askItem(sign.item, side, ground)
    if (truth === 'open') return []
    return stepOf(find(sign.id, source, side), truth === 'true', {
      of: sign.id,
      label: sign.name,
      test: sign.test,
      group: (sign.shares ? groupOf([sign.shares]) : undefined) ?? null,
    })
  })
}

function stepOf(row: Accuracy | undefined, positive: boolean, of: Omit<Step, 'positive' | 'lr' | 'row'>): readonly Step[] {
  const ratios = row && likelihoodRatios(row)
  const lr = ratios && (positive ? ratios.positive : ratios.negative)
  return row && lr !== null && lr !== undefined ? [{ ...of, positive, lr, row }] : []
}

function join(steps: readonly Step[], rho: number | undefined): readonly JoinedStep[] {
  const byGroup = group(steps, (step) => step.group ?? step.of)
  return [...byGroup.values()].map((members) => {
    const shared = members[0]?.group ?? null
    const multiplied = members.reduce((lr, step) => lr * step.lr, 1)
    if (!shared || members.length === 1) return { group: shared, steps: members, together: multiplied, multiplied, strongestOnly: false }
    const answers = members.flatMap((step) => {
      const rates = ratesOf(step.row)
      return rates ? [{ positive: step.positive, ...rates }] : []
    })
    if (answers.length < members.length) {
      return { group: shared, steps: members, together: strongest(members.map((m) => m.lr)), multiplied, strongestOnly: true }
    }
    return { group: shared, steps: members, together: groupLikelihoodRatio(answers, held(shared.rho, rho)), multiplied, strongestOnly: false }
  })
}

function held(own: Rho, rho: number | undefined): Rho {
  return rho === undefined ? own : { present: rho, absent: rho }
}

/** The ratio furthest from one. Ratios printed alone cannot enter the model, and multiplying what shares a cause overstates. */
export function strongest(lrs: readonly number[]): number {
  return lrs.reduce((best, lr) => (Math.abs(Math.log(lr)) > Math.abs(Math.log(best)) ? lr : best), 1)
}

function decidedRule(source: WeighedSource, side: Side, prior: number, { rules, find, ground }: Scales): RuleFigure | null {
  for (const rule of rules) {
    if (rule.side !== side || rule.cluster.source !== source) continue
    const speaks = speaksOf(rule)
    const row = speaks && find(registerNameOf(rule), source, side)
    const lr = row && spoken(likelihoodRatios(row), speaks)
    if (!speaks || !row || lr === null || lr === undefined) continue
    const published = { row, lr, postTest: posterior(prior, lr) }
    const other = speaks === 'positive' && source === 'sij-pain' ? afterMovement(rule, ground.findings, side, find) : null
    const otherLr = other && spoken(likelihoodRatios(other.row), 'positive')
    if (!other || otherLr === null || otherLr === undefined) return { rule, speaks, ...published, insteadOf: null }
    return { rule, speaks, row: other.row, lr: otherLr, postTest: posterior(prior, otherLr), insteadOf: { ...published, why: other.why } }
  }
  return null
}

function spoken(ratios: LikelihoodRatios | undefined, speaks: 'positive' | 'negative'): number | null | undefined {
  return ratios?.[speaks]
}

/** A met pelvic rule is worth less once the pain centralised, and the thrust rule more once it did not. */
function afterMovement(rule: RuleVerdict, findings: readonly Finding[], side: Side, find: RowFinder): { row: Accuracy; why: string } | null {
  const seen = centralises(findings, side)
  if (seen === 'yes')
    return {
      row: CENTRALISERS,
      why: 'The pain centralised, and a disc fakes positive pelvic tests: of nine such people none had sacroiliac pain and four met the rule.',
    }
  const row = seen === 'no' && rule.cluster.id === 'pelvic-five-thrust' ? find('pelvic-five-thrust-no-centralisation', 'sij-pain', side) : undefined
  return row ? { row, why: 'The pain did not centralise; the study counted such people apart.' } : null
}

/** Which ratio a rule's state calls for; null while it is open, where its failing says nothing, or where it is no rule of a study. */
export function speaksOf(rule: Pick<RuleVerdict, 'state' | 'cluster'>): 'positive' | 'negative' | null {
  if (rule.state === 'open' || !mayMove(rule.cluster)) return null
  if (rule.cluster.rulesOut) return rule.state === 'met' ? 'negative' : null
  if (rule.cluster.failingSaysNothing && rule.state !== 'met') return null
  return rule.state === 'met' ? 'positive' : 'negative'
}

/** The register's name for what this rule says now: its own, or that of a count with a figure of its own. */
export function registerNameOf(rule: Pick<RuleVerdict, 'cluster' | 'positives'>): string {
  return rule.cluster.figures?.[rule.positives] ?? rule.cluster.figure ?? rule.cluster.id
}
