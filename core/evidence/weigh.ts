import { group } from 'd3-array'
import type { ExamTest } from '../catalogue/exam-test'
import { askItem, type Ground } from '../clusters/ask'
import type { RuleVerdict } from '../clusters/verdict'
import type { Finding } from '../findings/finding'
import type { Side } from '../vocabulary/side'
import type { Accuracy } from './accuracy'
import { countedBy, fitOfTarget } from './criteria'
import { fitOfCriterion, shownBy } from './criterion'
import { type Contradiction, contradictionOf } from './contradiction'
import type { Answered } from './dependence'
import { type Group, groupOf } from './groups'
import { belowCeiling, type Bounds, heldIn, pool } from './pool'
import { asDecided, decidedFigures, figureOf, isInside, isOutOfPlace, type RuleFigure, rulesOf, type Shelf } from './lead'
import { likelihoodRatios, quoted, QUOTED, ratesOf } from './likelihood-ratio'
import { posterior } from './odds'
import { orderedLikelihoodRatio } from './ordered'
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
  /** Some row gives no sensitivity and specificity: of those the strongest ratio counts, where it says more than the others together. */
  readonly strongestOnly: boolean
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
  /** The rule that leads, once it is decided, by itself. */
  readonly rule: RuleFigure | null
  /** What the findings outside that rule multiply it by; 1 where there are none, or while none leads. */
  readonly outside: number
  /** Other decided rules with figures: they are told, and never lead. */
  readonly others: readonly RuleFigure[]
  /** Some of them say the contrary of the rule that leads, or of the model while none does. */
  readonly disagree: boolean
  /** Two voices of the evidence that contradict each other; then the estimate leads nothing. */
  readonly contradiction: Contradiction | null
  /** The one figure that leads: between the decided rule, with what lies outside it, and the model; the model while no rule is decided. */
  readonly estimate: number
  /** What the rule that leads says with what lies outside it; null while none leads. */
  readonly byRule: number | null
  /** A decided rule takes part in the estimate, or none does. */
  readonly headline: 'rule' | 'model'
  /** The estimate lies between `byRule` and `model`; where a rule leads without, it speaks alone. */
  readonly pooled: boolean
  /** The model alone says more, or less, than the open rule could once it is decided, and is taken back. */
  readonly held: boolean
  /** Ratios the open rule would speak with, beyond which the model is taken back until then; of a decided one a strict ceiling at most. */
  readonly bounds: Bounds
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
 * Once the leading rule is decided the estimate lies between its own published ratio, times what lies outside it, and the
 * model of everything ({@link pool}). While it is open the model speaks, taken back in the same way where it goes beyond what the rule would say
 * once met or broken: so one more positive never lowers the figure and one more negative never raises it, whether or not it decides the rule.
 *
 * @returns null while no finding moves this source: what was not tested is not known
 */
export function weigh(source: WeighedSource, side: Side, prior: Prior, scales: Scales): Weighed | null {
  const steps = [...testSteps(source, side, scales), ...signSteps(source, side, scales)]
  const joined = join(steps, scales.rho)
  const together = quoted(joined.reduce((lr, j) => lr * j.together, 1))
  const multiplied = joined.reduce((lr, j) => lr * j.multiplied, 1)
  const shelf: Shelf = { source, side, prior: prior.p, ground: scales.ground, find: scales.find, testById: scales.testById }
  const rules = rulesOf(scales.rules, shelf)
  const beyond = (rule: RuleVerdict, speaks: 'positive' | 'negative') => outsideOf(rule, speaks, steps, shelf, scales)
  const main = rules.main ? figureOf(rules.main, shelf) : null
  const bounds = rules.main ? boundsIn(rules.main, main !== null, shelf, beyond) : FREE
  const own = main ? null : firstFigure(rules.own, shelf)
  const clear = main?.speaks === 'positive' || own ? null : firstFigure(rules.clear, shelf)
  const inside = heldIn(bounds, together)
  const led = main ?? own
  const says = (figure: RuleFigure) => figure.lr * beyond(figure.rule, figure.speaks)
  // The clinic's own rule is its own decision, and speaks alone.
  const from = led === null ? inside : led === own ? says(led) : belowCeiling(bounds, decided(says(led), together, isInformed(led)))
  const cap = clear && pool(says(clear), together)
  const rule = cap !== null && cap < from ? clear : (led ?? clear)
  const outside = rule ? beyond(rule.rule, rule.speaks) : 1
  const ratio = quoted(cap === null ? from : Math.min(from, cap))
  const others = [...rules.own, ...rules.clear, ...rules.beside].flatMap((r) => (r === rule?.rule ? [] : (figureOf(r, shelf) ?? [])))
  if (steps.length === 0 && !rule) return null
  const up = rule ? rule.speaks === 'positive' : ratio > 1
  return {
    source,
    side,
    prior,
    joined,
    model: posterior(prior.p, together),
    product: posterior(prior.p, multiplied),
    rule,
    outside,
    others,
    disagree: others.some((o) => (o.speaks === 'positive') !== up),
    contradiction: contradictionOf({ prior: prior.p, rule, outside, others, model: together }),
    estimate: posterior(prior.p, ratio),
    byRule: rule && posterior(prior.p, rule.lr * outside),
    headline: rule ? 'rule' : 'model',
    pooled: rule !== null && rule !== own,
    held: !rule && inside !== together,
    bounds,
    apart: rule !== null && Math.max((rule.lr * outside) / together, together / (rule.lr * outside)) > 2,
  }
}

/** No rule bounds the model; the band that may be quoted does. Finite, since bounds cross to a worker as text. */
const FREE: Bounds = { low: QUOTED[0], high: QUOTED[1], strict: false }

function boundsIn(rule: RuleVerdict, isDecided: boolean, shelf: Shelf, beyond: (rule: RuleVerdict, speaks: 'positive' | 'negative') => number): Bounds {
  const { met, broken } = decidedFigures(rule, shelf)
  if (isDecided) return isInformed(met) && met ? { low: FREE.low, high: quoted(met.lr * beyond(rule, 'positive')), strict: true } : FREE
  const low = broken === null ? FREE.low : quoted(broken.lr * beyond(rule, 'negative'))
  return { low, high: met === null ? FREE.high : Math.max(low, quoted(met.lr * beyond(rule, 'positive'))), strict: isInformed(met) }
}

function decided(rule: number, model: number, informed: boolean): number {
  const pooled = pool(rule, model)
  return informed ? Math.min(rule, pooled) : pooled
}

/** Does it speak by another ratio than the published one, for what the model does not see? Then nothing is said beyond it. */
function isInformed(figure: RuleFigure | null): boolean {
  return (figure?.insteadOf ?? null) !== null
}

function firstFigure(rules: readonly RuleVerdict[], shelf: Shelf): RuleFigure | null {
  for (const rule of rules) {
    const figure = figureOf(rule, shelf)
    if (figure) return figure
  }
  return null
}

/**
 * What the findings that a rule does not count multiply it by.
 *
 * Those of its own groups share a cause with the rule's tests, so they are weighed as they stand once the rule is decided, whichever
 * tests decided it: {@link asDecided}.
 */
function outsideOf(rule: RuleVerdict, speaks: 'positive' | 'negative', steps: readonly Step[], shelf: Shelf, { rho }: Scales): number {
  const out = steps.filter((step) => !isInside(step, rule.cluster))
  return [...group(out, (step) => step.group?.id ?? step.of).values()].reduce((lr, members) => {
    const shared = members[0]?.group ?? null
    const given = shared ? asDecided(rule.cluster, shared.id, speaks, shelf) : []
    if (!shared || given.length === 0) return lr * joinOf(members, rho).together
    const { rated, unrated } = parted(members)
    const held = rho ?? shared.rho
    const conditioned = rated.length === 0 ? 1 : orderedLikelihoodRatio([...given, ...rated], held) / orderedLikelihoodRatio(given, held)
    return lr * strongest([conditioned, ...unrated.map((m) => m.lr)])
  }, 1)
}

function testSteps(source: WeighedSource, side: Side, { ground, find, testById }: Scales): readonly Step[] {
  return ground.findings.flatMap((finding) => {
    if (finding.about !== side || !mayCount(finding, source)) return []
    const test = testById(finding.test)
    if (isOutOfPlace(finding, test, ground.exam)) return []
    const row = find(finding.test, source, finding.side, finding.variant)
    if (row && !fitsAsDone(row, finding, test)) return []
    return stepOf(row, finding.result === 'positive', {
      of: finding.test,
      label: test?.name ?? finding.test,
      test: finding.test,
      group: groupOf(test?.shares ?? []) ?? null,
    })
  })
}

/**
 * Did the answer come as the row counts it, and was that what the test shows here?
 *
 * A symptom beyond the angle of a study was none in it, and a movement that ended before that angle says nothing of it. An angle that was not
 * told is taken to fit. What a clinic wrote for its own rule is as its author says.
 */
function fitsAsDone(row: Accuracy, { result, measures }: Finding, test: ExamTest | undefined): boolean {
  const counted = countedBy(row)
  if (!counted) return row.own !== undefined
  const { criterion, target } = counted
  if (!test || fitOfCriterion(criterion, shownBy(test)) === 'other' || !row.for || fitOfTarget(target, row.for) === 'other') return false
  const { onsetBelow } = criterion
  if (onsetBelow === undefined) return true
  return result === 'positive' ? (measures.onset ?? 0) < onsetBelow : (measures.end ?? onsetBelow) >= onsetBelow
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
  return [...group(steps, (step) => step.group ?? step.of).values()].map((members) => joinOf(members, rho))
}

/** Those with rates by the model, and of those with a ratio alone the strongest; of the two what is further from one. */
function joinOf(members: readonly Step[], rho: number | undefined): JoinedStep {
  const shared = members[0]?.group ?? null
  const multiplied = members.reduce((lr, step) => lr * step.lr, 1)
  if (!shared || members.length === 1) return { group: shared, steps: members, together: multiplied, multiplied, strongestOnly: false }
  const { rated, unrated } = parted(members)
  return {
    group: shared,
    steps: members,
    together: strongest([asPrinted(rated, rho ?? shared.rho), ...unrated.map((m) => m.lr)]),
    multiplied,
    strongestOnly: unrated.length > 0,
  }
}

/**
 * The model of a group whose tests by themselves speak with the ratios their studies print.
 *
 * A printed ratio and the one its printed, rounded rates give are not quite the same. Several answers are worth no less than the strongest
 * of those that speak for, as printed, no more than the strongest of those against, and lie between the two kinds where both were found: else
 * a second answer could turn the figure the wrong way by that rounding.
 */
function asPrinted(rated: readonly Printed[], rho: number): number {
  const of = (kind: readonly Printed[], further: (...lrs: number[]) => number) => {
    const printed = kind.map((a) => a.lr)
    return printed.length === 1 ? further(...printed) : further(orderedLikelihoodRatio(kind, rho), ...printed)
  }
  const most = of(
    rated.filter((a) => a.positive),
    Math.max,
  )
  const least = of(
    rated.filter((a) => !a.positive),
    Math.min,
  )
  if (rated.every((a) => a.positive)) return most
  if (rated.every((a) => !a.positive)) return least
  return Math.min(most, Math.max(least, orderedLikelihoodRatio(rated, rho)))
}

/** An answer of a group with the ratio its study prints for it alone. */
interface Printed extends Answered {
  readonly lr: number
}

/** Ratios printed alone cannot enter the model. */
function parted(members: readonly Step[]): { readonly rated: readonly Printed[]; readonly unrated: readonly Step[] } {
  const rated: Printed[] = []
  const unrated: Step[] = []
  for (const step of members) {
    const rates = ratesOf(step.row)
    if (rates) rated.push({ positive: step.positive, lr: step.lr, ...rates })
    else unrated.push(step)
  }
  return { rated, unrated }
}

/** The ratio furthest from one. Ratios printed alone cannot enter the model, and multiplying what shares a cause overstates. */
export function strongest(lrs: readonly number[]): number {
  return lrs.reduce((best, lr) => (Math.abs(Math.log(lr)) > Math.abs(Math.log(best)) ? lr : best), 1)
}
