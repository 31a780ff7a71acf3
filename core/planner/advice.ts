import type { Assessment } from '../assess'
import { CATALOGUE } from '../catalogue'
import { type ExamTest, LOWER, testTitle, UPPER } from '../catalogue/exam-test'
import type { Exam } from '../record/exam'
import { contraindicationOf, haltsOf } from '../safety/safety'
import { causesOf } from '../safety/state'
import { soreSides } from '../story/sore-sides'
import { POSTURE_WORDS } from '../vocabulary/posture'
import { areaOf, bodyArea } from '../vocabulary/body-area'
import { inSentence } from '../vocabulary/sentence'
import type { Side, TestSide } from '../vocabulary/side'
import { type SourceId, sourceOf } from '../vocabulary/source'
import { perMinute, WORTH_DOING } from './order'
import { secondsOf, TURN_SECONDS, type TurnSeconds } from './price'
import { isBaseline, lyingNow, nextStep, postureOf, type RouteLeg, type RouteStep, stepKey, variantFor } from './route'
import { inQuestion, type TestValue, valueOf } from './value'

/** What to do next, why, and whether to stop. */
export interface Advice {
  readonly step: RouteStep | null
  /** One sentence. */
  readonly why: string
  /** What it is worth and what it costs; null where there is no step. */
  readonly price: { readonly bits: number; readonly seconds: number; readonly turn: number; readonly perMinute: number } | null
  /** Why nothing left would change the picture; null while something would. */
  readonly stop: string | null
}

/** The advice for an examination as it stands, on the route that is planned for it. */
export function adviceOf(assessment: Assessment, route: readonly RouteLeg[], turns: TurnSeconds = TURN_SECONDS): Advice {
  const halt = haltsOf(assessment.exam)[0]
  // Beyond a halt nothing is suggested; what it leaves may still be chosen by name.
  if (halt) return { step: null, why: `${halt.gate.reason} ${halt.gate.do}`, price: null, stop: halt.gate.reason }
  const step = nextStep(route, assessment.exam) ?? null
  const stop = stopping(assessment, route)
  if (!step) return { step, why: stop ?? unplanned(assessment, route), price: null, stop }
  const variant = variantFor(assessment.exam, step.test)
  const value = valueOf(step.test, step.side, variant, assessment)
  const seconds = secondsOf(step.test, variant)
  const turn = turnTo(step, assessment, turns)
  return {
    step,
    why: stop ? unneeded(step, assessment.exam) : sentence(step, value, turn, assessment),
    price: { bits: value.total, seconds, turn, perMinute: (value.total * 60) / (seconds + turn) },
    stop,
  }
}

/**
 * Is there a reason to stop?
 *
 * When the budget of an irritable person is spent; otherwise not while a positive test waits to be followed; when a rule has decided every source in question, or when no open test is worth
 * more than {@link WORTH_DOING} bits a minute.
 */
export function stopping(assessment: Assessment, route: readonly RouteLeg[]): string | null {
  const { exam } = assessment
  if (causesOf('budget-spent', exam).length > 0) return 'Six provocations are done and irritability is high: nothing more is worth provoking it for.'
  const open = route.flatMap((leg) => leg.steps).filter((s) => s.state === 'open' || s.state === 'under-way')
  // What came on is followed while the limb is still up: whether a distant part changes it is what the test was done for.
  if (open.some((s) => s.test.follows !== undefined)) return null
  const asked = inQuestion(exam)
  const decided = (source: SourceId, side: Side) => assessment.sources.some((s) => s.source === source && s.side === side && s.weighed?.rule)
  // What the plan leaves out may still tell: the whole catalogue is asked before anything is called over.
  if (exam.runs.length > 0 && beyondThePlan(assessment, route)) return null
  if (asked.length > 0 && asked.every((source) => soreSides(exam).every((side) => decided(source, side))))
    return 'A rule has decided every source in question: nothing left here would change the picture.'
  const anyDone = exam.runs.length > 0
  const worth = open.some(
    (s) =>
      // The fewest position changes promised the baseline, so it is not over before that is recorded.
      (exam.mode === 'fewest-turns' && isBaseline(s.test)) ||
      perMinute({ ...s, variant: variantFor(exam, s.test), posture: postureOf(s.test, exam), baseline: false }, assessment) > WORTH_DOING,
  )
  return anyDone && !worth ? 'No test left is expected to change the estimate: nothing left here would change the picture.' : null
}

/** The test outside the plan that would tell most for its time, if one is worth doing and may be done; on the side that is sore. */
export function beyondThePlan(assessment: Assessment, route: readonly RouteLeg[]): { readonly test: ExamTest; readonly side: TestSide } | null {
  const { exam } = assessment
  const planned = new Set(route.flatMap((leg) => leg.steps).map((step) => stepKey(step)))
  const done = (test: string, side: TestSide) =>
    exam.runs.some((r) => r.test === test && r.side === side) || exam.skips.some((s) => s.test === test && s.side === side)
  const found = CATALOGUE.flatMap((test) => {
    if (test.follows !== undefined || test.filledBy !== undefined || test.chain !== undefined || !isOfThisHalf(test, exam)) return []
    const sides: readonly TestSide[] = test.sides === 'none' ? ['none'] : soreSides(exam)
    const variant = variantFor(exam, test)
    return sides.flatMap((side) => {
      if (planned.has(stepKey({ test, side })) || done(test.id, side) || contraindicationOf(exam, test.id, variant)) return []
      const worth = perMinute({ test, side, variant, posture: postureOf(test, exam), baseline: false }, assessment)
      return worth > WORTH_DOING ? [{ test, side, worth }] : []
    })
  })
  return found.toSorted((a, b) => b.worth - a.worth)[0] ?? null
}

/** Is the test of the half of the body the complaint lies in? With nothing painted, of either. */
function isOfThisHalf(test: ExamTest, exam: Exam): boolean {
  const half = test.region === 'neck' || test.region === 'arm' ? UPPER : LOWER
  const zones = exam.symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone)
  return zones.length === 0 || zones.some((zone) => half.includes(zone))
}

function unplanned(assessment: Assessment, route: readonly RouteLeg[]): string {
  const more = assessment.exam.runs.length > 0 ? beyondThePlan(assessment, route) : null
  return more
    ? `Every planned test is settled. Not planned, and still worth doing by its name: ${inSentence(testTitle(more.test, more.side))}.`
    : 'Every planned test is settled.'
}

function turnTo(step: RouteStep, { exam }: Assessment, turns: TurnSeconds): number {
  const from = lyingNow(exam)
  return from === null ? 0 : turns[from][postureOf(step.test, exam)]
}

function sentence(step: RouteStep, value: TestValue, turn: number, assessment: Assessment): string {
  const title = testTitle(step.test, step.side)
  if (step.state === 'under-way') return `${title}: begun and not finished.`
  if (step.test.follows) return `${title}: ${lower(step.why)}`
  const where = turn === 0 ? '' : `, change to ${POSTURE_WORDS[postureOf(step.test, assessment.exam)].toLowerCase()}`
  const { rule, about } = value
  if (rule) return `${title}${where}: ${rule.cluster.name} is ${rule.words}.`
  // Less than half a hundredth of a bit is no reason.
  if (about && about.bits >= 0.005) return `${title}${where}: tells most about ${sourceOf(about.source).inWords}.`
  return `${title}${where}: ${lower(step.why)}`
}

/** A plan can go on past the reason to stop; then its next step does not claim to be worth doing. */
function unneeded(step: RouteStep, { mode }: Exam): string {
  const title = testTitle(step.test, step.side)
  if (step.state === 'under-way') return `${title}: begun and not finished.`
  return mode === 'full-baseline' || isBaseline(step.test) ? `${title}: would only complete the baseline.` : `${title}: still planned, and not needed.`
}

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1)
}
