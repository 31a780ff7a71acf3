import type { Assessment, SourceVerdict } from '../assess'
import type { ExamTest } from '../catalogue/exam-test'
import { speaksWithFigures } from '../catalogue/reading/speaks'
import { plans } from '../clusters/school-rules'
import type { RuleVerdict } from '../clusters/verdict'
import type { Accuracy } from '../evidence/accuracy'
import { type Answered, patternLikelihood } from '../evidence/dependence'
import { groupOf, type Group } from '../evidence/groups'
import { isInside } from '../evidence/lead'
import { likelihoodRatios, ratesOf } from '../evidence/likelihood-ratio'
import { posterior } from '../evidence/odds'
import { couldShow } from '../findings/could-show'
import { isPlaced, priorOf, WEIGHED, type WeighedSource } from '../evidence/prior'
import { signsOf } from '../evidence/signs'
import type { JoinedStep } from '../evidence/weigh'
import type { Exam } from '../record/exam'
import { irritabilityNow } from '../safety/state'
import { soreSides } from '../story/sore-sides'
import { sideOf } from '../vocabulary/body-area'
import { otherSide, type Side, SIDES, type TestSide } from '../vocabulary/side'
import type { Irritability } from '../story/irritability'

/** What a test would be worth now, in bits: one bit settles a question that stood at fifty to fifty. */
export interface TestValue {
  /** Expected fall in doubt over the sources still in question. */
  readonly doubt: number
  /** For rules it helps to decide. */
  readonly rules: number
  /** Taken off for stirring the symptom up in an irritable person. */
  readonly harm: number
  readonly total: number
  /** The source it tells most about; null when none has figures. */
  readonly about: { readonly source: WeighedSource; readonly side: Side; readonly bits: number } | null
  /** The open rule it would take furthest. */
  readonly rule: RuleVerdict | null
  /** It points to something in question although no figure is known. */
  readonly points: boolean
}

/** Deciding an open rule by one answer is worth this much; half when two answers are needed, and so on. */
const RULE_BITS = 0.15
/** A test that only points, for a source in question. */
const POINTER_BITS = 0.004
/** How often people without a source answer positively, where a study printed a ratio and no specificity. Assumed. */
const UNKNOWN_FALSE_POSITIVES = 0.05
/** Bits taken off for each grade of provocation. */
const HARM: Readonly<Record<Irritability, number>> = { low: 0, unknown: 0.004, moderate: 0.01, high: 0.03 }

const KNOWN = new WeakMap<Assessment, Map<string, TestValue>>()

/** What this test, done on this side in this way, would be worth as the examination stands. */
export function valueOf(test: ExamTest, side: TestSide, variant: string, assessment: Assessment): TestValue {
  const known = KNOWN.get(assessment) ?? new Map<string, TestValue>()
  KNOWN.set(assessment, known)
  const key = `${test.id} ${side} ${variant}`
  const made = known.get(key) ?? compute(test, side, variant, assessment)
  known.set(key, made)
  return made
}

function compute(test: ExamTest, side: TestSide, variant: string, assessment: Assessment): TestValue {
  const about = aboutSides(test, side, assessment.exam)
  const told = about.flatMap((a) =>
    inQuestion(assessment.exam).map((source) => ({ source, side: a, bits: doubtTaken(test, side, a, variant, source, assessment) })),
  )
  const sore = soreSides(assessment.exam)
  const doubt = told.reduce((sum, t) => sum + t.bits, 0)
  const open = assessment.rules.filter(
    (rule) =>
      about.includes(rule.side) && sore.includes(rule.side) && rule.state === 'open' && rule.open.includes(test.id) && plans(rule.cluster, assessment.exam),
  )
  const worths = open.map((rule) => ({ rule, bits: RULE_BITS / Math.max(1, Math.min(rule.needs, rule.breaks)) }))
  const rules = worths.reduce((sum, w) => sum + w.bits, 0)
  const best = told.toSorted((a, b) => b.bits - a.bits)[0]
  const points = doubt === 0 && rules === 0
  const harm = HARM[irritabilityNow(assessment.exam)] * test.provocative
  return {
    doubt,
    rules,
    harm,
    total: Math.max(0, doubt + rules + (points ? POINTER_BITS : 0) - harm),
    about: best && best.bits > 0 ? best : null,
    rule: worths.toSorted((a, b) => b.bits - a.bits)[0]?.rule ?? null,
    points,
  }
}

/** The sides a test done on this side speaks about, as far as they are in question. */
function aboutSides(test: ExamTest, side: TestSide, exam: Exam): readonly Side[] {
  const sore = soreSides(exam)
  if (side === 'none') return sore
  if (test.reading.kind === 'crossed') return [otherSide(side)]
  return test.loadsBoth ? [...new Set([side, ...sore])] : [side]
}

const ASKED = new WeakMap<Exam, readonly WeighedSource[]>()

/** Sources the complaint makes a question: those that the story puts somewhere. */
export function inQuestion(exam: Exam): readonly WeighedSource[] {
  const known = ASKED.get(exam)
  if (known) return known
  const asked = WEIGHED.filter((source) => SIDES.some((side) => isPlaced(source, side, exam)))
  ASKED.set(exam, asked)
  return asked
}

/** Bits of doubt about one source that one more answer takes away, on average. Nothing once a rule has decided it, nor where no pain is on that side. */
function doubtTaken(test: ExamTest, side: TestSide, about: Side, variant: string, source: WeighedSource, assessment: Assessment): number {
  const { exam, weights } = assessment
  if (!exam.symptoms.some((s) => s.places.some((p) => sideOf(p) === about))) return 0
  // Quiet, it would move nothing here, and there is nothing it could bring on.
  if (!couldShow(test.reading, about, exam)) return 0
  const verdict: SourceVerdict | undefined = assessment.sources.find((s) => s.source === source && s.side === about)
  const decided = verdict?.weighed?.rule?.rule.cluster
  if (decided && isInside({ of: test.id, test: test.id }, decided)) return 0
  const now = verdict?.weighed?.estimate ?? verdict?.prior?.p ?? priorOf(source, about, exam, weights.knowledge.priors).p
  const joined = verdict?.weighed?.joined ?? []
  const own = mayTell(test, source) ? weights.knowledge.find(test.id, source, side === 'none' ? about : side, variant) : undefined
  const ofTest = own ? bitsOf(own, groupOf(test.shares) ?? null, now, joined) : 0
  // Signs of one screen share a cause, so only the most telling one is counted.
  const ofSigns = signsOf(test.id)
    .filter((sign) => sign.source === source)
    .map((sign) => {
      const row = weights.knowledge.find(sign.id, source, about)
      return row ? bitsOf(row, (sign.shares ? groupOf([sign.shares]) : undefined) ?? null, now, joined) : 0
    })
  return ofTest + Math.max(0, ...ofSigns)
}

/** Does the test's reading ever speak of this source with a figure? */
function mayTell(test: ExamTest, source: WeighedSource): boolean {
  return speaksWithFigures(test.reading).includes(source)
}

function bitsOf(row: Accuracy, group: Group | null, now: number, joined: readonly JoinedStep[]): number {
  const ratios = likelihoodRatios(row)
  if (!ratios) return 0
  const { ifThere, ifNot } = chances(row, ratios.positive, group, joined)
  const positive = now * ifThere + (1 - now) * ifNot
  const after = (lr: number | null, p: number, q: number) => (lr === null ? now : posterior(now, Math.max(1e-6, p) / Math.max(1e-6, q)))
  const up = after(ratios.positive, ifThere, ifNot)
  const down = after(ratios.negative, 1 - ifThere, 1 - ifNot)
  return Math.max(0, entropy(now) - positive * entropy(up) - (1 - positive) * entropy(down))
}

/** Chances of a positive answer with and without the source, given what tests of the same group answered already. */
function chances(row: Accuracy, lrPositive: number | null, group: Group | null, joined: readonly JoinedStep[]): { ifThere: number; ifNot: number } {
  const rates = ratesOf(row)
  if (!rates) {
    const ifNot = UNKNOWN_FALSE_POSITIVES
    return { ifThere: Math.min(0.95, (lrPositive ?? 1) * ifNot), ifNot }
  }
  const sofar = group ? joined.filter((j) => j.group?.id === group.id).flatMap((j) => j.steps) : []
  const answers: readonly Answered[] = sofar.flatMap((step) => {
    const known = ratesOf(step.row)
    return known ? [{ positive: step.positive, ...known }] : []
  })
  if (!group || answers.length === 0) return { ifThere: rates.sens, ifNot: 1 - rates.spec }
  const given = (there: boolean) => {
    const before = answers.map((a) => ({ p: there ? a.sens : 1 - a.spec, positive: a.positive }))
    const own = { p: there ? rates.sens : 1 - rates.spec, positive: true }
    return patternLikelihood([...before, own], group.rho) / patternLikelihood(before, group.rho)
  }
  return { ifThere: given(true), ifNot: given(false) }
}

/** Doubt of a yes-or-no question at this probability, in bits: 1 at a half, 0 at certainty. */
export function entropy(p: number): number {
  if (p <= 0 || p >= 1) return 0
  return -p * Math.log2(p) - (1 - p) * Math.log2(1 - p)
}
