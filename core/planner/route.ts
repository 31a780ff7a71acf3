import { offered } from '../record/outline'
import { CATALOGUE, testById } from '../catalogue'
import { type ExamTest, postureIn, SPINE, type TestId } from '../catalogue/exam-test'
import type { Assessment } from '../assess'
import { schoolOf, schoolsOf, schoolVariant } from '../catalogue/schools'
import { asksFor } from '../clusters/asks-for'
import { plans } from '../clusters/school-rules'
import { isCompared } from '../findings/compare-sides'
import { findingFor } from '../findings/findings'
import type { Exam, Run } from '../record/exam'
import { broughtItOn, broughtItOnAt, isOver } from '../record/ladder'
import { contraindicationOf, closedGates, wantedFirst } from '../safety/safety'
import { irritabilityNow } from '../safety/state'
import { soreSides } from '../story/sore-sides'
import { areaOf, bodyArea } from '../vocabulary/body-area'
import { POSTURES, type Posture } from '../vocabulary/posture'
import { otherSide, type Side, type TestSide } from '../vocabulary/side'
import { inSentence } from '../vocabulary/sentence'
import { type Candidate, fewestTurns, perMinute, quickest, WORTH_DOING } from './order'
import type { TurnSeconds } from './price'
import { storyAsks } from './story-asks'

/** Where one planned test stands. */
export type StepState = 'done' | 'under-way' | 'open' | 'changes-nothing' | 'skipped' | 'withheld'

/** One test on one side, at its place in the order. */
export interface RouteStep {
  readonly test: ExamTest
  readonly side: TestSide
  readonly state: StepState
  /** Why it stands where it does, or why it is spare; one sentence. */
  readonly why: string
}

/** The tests of one posture, in order. */
export interface RouteLeg {
  readonly posture: Posture
  readonly steps: readonly RouteStep[]
}

/** What the route reads beside the examination. */
export interface RouteWith {
  readonly turns?: TurnSeconds
}

/**
 * The tests that are planned, in order.
 *
 * Full baseline: sitting, on the back, on the side, face down, body, better side first within each. Fewest position changes and quickest
 * answer put the open ones in the order of their search and leave aside what would not change the picture. An order made by hand
 * stands above all three. A test that only follows another appears once that one brought the symptom on.
 */
export function routeOf(assessment: Assessment, { turns }: RouteWith = {}): readonly RouteLeg[] {
  const { exam } = assessment
  const sore = soreSides(exam)
  // All gates once: what may start, and in which way, is then looked up.
  closedGates(exam)
  const planned = POSTURES.flatMap((posture) =>
    CATALOGUE.filter((test) => postureOf(test, exam) === posture).flatMap((test) => stepsFor(test, sore, assessment)),
  )
  // Whoever is stirred up easily is asked for what tells most first, whatever plan was chosen: six provocations are soon spent.
  const spare = irritabilityNow(exam) === 'high'
  const ordered = exam.mode === 'full-baseline' && !spare ? planned : searched(planned, assessment, turns)
  return legsOf(inOwnOrder(ordered, exam.order), exam)
}

/** Tests whose recorded negative is worth having whatever the complaint turns out to be. */
const BASELINE: ReadonlySet<TestId> = new Set<TestId>(['slump', 'leg-raise', 'ulnt-1', 'neuro-upper', 'neuro-lower'])

/** Is this test part of the recorded baseline? */
export function isBaseline(test: Pick<ExamTest, 'id'>): boolean {
  return BASELINE.has(test.id)
}

/** What was done first, then the open tests as the search has them, then what is not worth doing or may not be done. */
function searched(planned: readonly RouteStep[], assessment: Assessment, turns: TurnSeconds | undefined): readonly RouteStep[] {
  const { exam } = assessment
  const quick = exam.mode === 'quickest-answer' || irritabilityNow(exam) === 'high'
  const candidateOf = (step: RouteStep): Candidate => ({
    test: step.test,
    side: step.side,
    variant: variantFor(exam, step.test),
    posture: postureOf(step.test, exam),
    baseline: isBaseline(step.test),
  })
  const open = planned.filter((step) => step.state === 'open')
  const first = new Set<string>(wantedFirst(exam))
  const worthwhile = (step: RouteStep) => {
    const candidate = candidateOf(step)
    return (
      first.has(step.test.id) ||
      isScreen(step.test) ||
      step.test.follows !== undefined ||
      (candidate.baseline && !quick) ||
      perMinute(candidate, assessment) >= WORTH_DOING
    )
  }
  // One side worth doing takes the other along: it is what it is compared with.
  const worthyTests = new Set(open.filter(worthwhile).map((step) => step.test.id))
  const isWorth = (step: RouteStep) => worthyTests.has(step.test.id) && !(quick && comparesNothing(step, assessment, first))
  const worth = open.filter(isWorth)
  const idle = open
    .filter((step) => !isWorth(step))
    .map((step) => ({
      ...step,
      state: 'changes-nothing' as const,
      why:
        quick && comparesNothing(step, assessment, first)
          ? 'The better side adds nothing: no result rests on it.'
          : 'Would change nothing that is still in question.',
    }))
  const body = { at: lyingNow(exam), ...(turns && { turns }), before: mustComeBefore(planned, first, exam) }
  // Nerves are looked at before hands load anything, in every plan.
  const isUrgent = (step: RouteStep) => isScreen(step.test) || first.has(step.test.id)
  const urgent = worth.filter(isUrgent).toSorted((a, b) => Number(isScreen(b.test)) - Number(isScreen(a.test)))
  const rest = worth.filter((step) => !isUrgent(step)).map(candidateOf)
  const found = rest.length === 0 ? [] : quick ? quickest(rest, assessment, body) : fewestTurns(rest, assessment, body)
  const place = new Map(found.map((c, i) => [stepKey(c), i]))
  const sorted = worth.filter((step) => !isUrgent(step)).toSorted((a, b) => (place.get(stepKey(a)) ?? 0) - (place.get(stepKey(b)) ?? 0))
  const done = planned.filter((step) => step.state === 'done' || step.state === 'under-way')
  const aside = planned.filter((step) => step.state !== 'done' && step.state !== 'under-way' && step.state !== 'open')
  return [...done, ...urgent, ...sorted, ...idle, ...aside]
}

/** Is it strength, reflexes and feeling of a limb? */
export function isScreen({ reading }: Pick<ExamTest, 'reading'>): boolean {
  return reading.kind === 'nerves'
}

/**
 * Does the better side add nothing? Its screen is worth its minutes only where a reflex of the sore one waits for it, and any other test only
 * where its result rests on both sides.
 */
function comparesNothing({ test, side }: RouteStep, { exam, findings }: Assessment, first: ReadonlySet<string>): boolean {
  const sore = soreSides(exam)
  if (side === 'none' || sore.includes(side)) return false
  if (isScreen(test)) return !findings.some((f) => f.test === test.id && sore.includes(f.side) && f.result === 'inconclusive')
  return !isCompared(test, CATALOGUE) && !first.has(test.id)
}

/** Postures of tests that a gate wants first, before those of the tests it bars until then. */
function mustComeBefore(planned: readonly RouteStep[], first: ReadonlySet<string>, exam: Exam): readonly (readonly [Posture, Posture])[] {
  const firsts = planned.filter((step) => first.has(step.test.id)).map((step) => postureOf(step.test, exam))
  const contraindicated = planned.filter((step) => step.state === 'withheld').map((step) => postureOf(step.test, exam))
  return firsts.flatMap((a) => contraindicated.filter((b) => b !== a).map((b) => [a, b] as const))
}

/** How the body lies for this test, done the way it is done next. */
export function postureOf(test: ExamTest, exam: Exam): Posture {
  return postureIn(test, variantFor(exam, test))
}

/** How the body lies now: as in the last performance; null before the first. */
export function lyingNow(exam: Exam): Posture | null {
  const last = exam.runs.at(-1)
  const test = last && testById(last.test)
  return test ? postureIn(test, last.variant) : null
}

/** A step's name in an order a person made: "slump left". */
export function stepKey(step: Pick<RouteStep, 'test' | 'side'>): string {
  return `${step.test.id} ${step.side}`
}

/** The practitioner's order where there is one; a step it does not name stays behind the one it followed. */
function inOwnOrder(steps: readonly RouteStep[], order: readonly string[]): readonly RouteStep[] {
  if (order.length === 0) return steps
  let last = -1
  const ranked = steps.map((step) => {
    const at = order.indexOf(stepKey(step))
    last = at === -1 ? last : at
    return { step, rank: at === -1 ? last + 0.5 : at }
  })
  return ranked.toSorted((a, b) => a.rank - b.rank).map((r) => r.step)
}

/** Neighbours of one posture make a leg of the route. */
function legsOf(steps: readonly RouteStep[], exam: Exam): readonly RouteLeg[] {
  const legs: { posture: Posture; steps: RouteStep[] }[] = []
  for (const step of steps) {
    const posture = postureOf(step.test, exam)
    const leg = legs.at(-1)
    if (leg?.posture === posture) leg.steps.push(step)
    else legs.push({ posture, steps: [step] })
  }
  return legs
}

/**
 * The test to do now: one that was begun, else the follow-on of what was just done (the leg is still up),
 * else the first open one.
 *
 * @returns undefined when nothing is left that would change the picture
 */
export function nextStep(route: readonly RouteLeg[], exam: Pick<Exam, 'runs'>): RouteStep | undefined {
  const steps = route.flatMap((leg) => leg.steps)
  const open = steps.filter((step) => step.state === 'open')
  const last = exam.runs.at(-1)
  return (
    steps.find((step) => step.state === 'under-way') ??
    open.find((step) => step.side === last?.side && (step.test.follows ?? step.test.chain?.after) === last.test) ??
    open[0]
  )
}

function stepsFor(test: ExamTest, sore: readonly Side[], assessment: Assessment): readonly RouteStep[] {
  if (!isPlanned(test, assessment.exam) && !assessment.exam.runs.some((run) => run.test === test.id)) return []
  const sides = sidesFor(test, sore).filter((side) => applies(test, side, assessment.exam))
  return sides.map((side) => ({ test, side, ...stateOf(test, side, assessment) }))
}

/** Sides in the order they are tested: the better one first, or only the painful one where a rule reads that alone. */
function sidesFor(test: ExamTest, sore: readonly Side[]): readonly TestSide[] {
  if (test.sides === 'none') return ['none']
  if (test.plan === 'painful-side') return sore
  const worse = sore.length === 1 ? sore[0] : undefined
  return worse ? [otherSide(worse), worse] : ['left', 'right']
}

/**
 * Is this test part of the plan?
 *
 * When the complaint lies where it is asked for, or a gate wants it first. Not when another test already answers it,
 * and not when the school chosen leaves it out.
 */
function isPlanned(test: ExamTest, exam: Exam): boolean {
  const schools = schoolsOf(exam)
  if (schoolOf(exam, 'ligaments-who')?.id === 'history-only' && test.shares.includes('upper-neck-ligament')) return false
  if (wantedFirst(exam).includes(test.id)) return true
  if (test.filledBy) return false
  const asked = storyAsks(test, exam)
  if (asked !== null) return asked === 'plan' && !schools.some((s) => s.leavesOut.includes(test.id))
  const zones = new Set(exam.symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone))
  if (schools.some((s) => s.leavesOut.includes(test.id))) return test.id === 'slump' && wantsSlump(exam)
  if (schools.some((s) => s.adds.includes(test.id))) return ZONES_OF[test.region].some((zone) => zones.has(zone))
  // With nothing marked only what every spinal complaint gets is planned.
  return zones.size === 0 ? test.plannedFor.length === SPINE.length : test.plannedFor.some((zone) => zones.has(zone))
}

/** Where a complaint lies for which a school's extra test of that region is planned. */
const ZONES_OF: Readonly<Record<ExamTest['region'], ExamTest['plannedFor']>> = {
  neck: ['head', 'neck', 'arm'],
  arm: ['neck', 'arm'],
  back: ['low-back', 'pelvis'],
  leg: ['thigh', 'below-knee'],
  pelvis: ['pelvis'],
}

/** In the school that keeps the slump for confirming, it is planned once a leg raise brought the symptom on. */
function wantsSlump(exam: Exam): boolean {
  return (['left', 'right'] as const).some((side) => {
    const raise = lastRun(exam, 'leg-raise', side)
    return raise !== undefined && broughtItOn(raise)
  })
}

/** Follow-on tests wait for their parent to bring the symptom on at the same side. */
function applies(test: ExamTest, side: TestSide, exam: Exam): boolean {
  // A school that asks for a test wants it for itself, not as the end of a chain.
  if (test.chain && !schoolsOf(exam).some((s) => s.adds.includes(test.id))) {
    const before = lastRun(exam, test.chain.after, side)
    const parent = testById(test.chain.after)
    return before !== undefined && parent !== undefined && isOver(before, parent) && !broughtItOn(before)
  }
  if (!test.follows) return true
  const parent = lastRun(exam, test.follows, side)
  return parent !== undefined && broughtItOnAt(parent, side)
}

/** The latest performance of a test on a side. */
export function lastRun(exam: Pick<Exam, 'runs'>, test: TestId, side: TestSide): Run | undefined {
  return exam.runs.findLast((run) => run.test === test && run.side === side)
}

function stateOf(test: ExamTest, side: TestSide, assessment: Assessment): Pick<RouteStep, 'state' | 'why'> {
  const run = lastRun(assessment.exam, test.id, side)
  if (run && !isOver(run, test)) return { state: 'under-way', why: 'Begun and not finished.' }
  if (run && assessment.findings.some((f) => f.test === test.id && (side === 'none' || f.side === side)))
    return { state: 'done', why: doneWhy(test, side, assessment) }
  const contraindicated = contraindicationOf(assessment.exam, test.id, variantFor(assessment.exam, test))
  if (contraindicated) return { state: 'withheld', why: `${contraindicated.gate.reason} ${contraindicated.gate.do}` }
  const skip = assessment.exam.skips.findLast((s) => s.test === test.id && s.side === side)
  if (skip) return { state: 'skipped', why: `Left out: ${skip.why}.` }
  const reading = side === 'none' ? (['left', 'right'] as const) : [side]
  const mine = assessment.rules.filter((rule) => plans(rule.cluster, assessment.exam) && reading.includes(rule.side) && asksFor(rule.cluster, test.id))
  const asked = mine.filter((rule) => soreSides(assessment.exam).includes(rule.side))
  const decided = asked.filter((rule) => rule.state !== 'open')
  if (asked.length > 0 && decided.length === asked.length) {
    return { state: 'changes-nothing', why: `${decided[0]?.cluster.name ?? 'The rule'} is decided: this can no longer change it.` }
  }
  if (test.follows)
    return { state: 'open', why: `Follows ${inSentence(testById(test.follows)?.name ?? test.follows)} while the leg is up: separates neural from muscular.` }
  if (asked.length > 0) return { state: 'open', why: `${asked[0]?.cluster.name ?? ''}: ${asked[0]?.words ?? ''}.` }
  return {
    state: 'open',
    why: side === 'none' || soreSides(assessment.exam).includes(side) ? test.purpose : 'The better side first, so that there is something to compare with.',
  }
}

/**
 * The way a test is done next: the same as last time in this examination or episode, else the way of the schools chosen, else the first.
 *
 * Where a gate keeps that way closed and leaves another open, as without the neck or at the light grade, that other one.
 */
export function variantFor(exam: Exam, test: ExamTest): string {
  const known = VARIANTS.get(exam) ?? new Map<string, string>()
  VARIANTS.set(exam, known)
  const made = known.get(test.id) ?? nextVariant(exam, test)
  known.set(test.id, made)
  return made
}

/** A plan asks this of every test several times. */
const VARIANTS = new WeakMap<Exam, Map<string, string>>()

function nextVariant(exam: Exam, test: ExamTest): string {
  const [here, before] = [exam.runs, exam.episode?.earlier ?? []].map((runs) => runs.findLast((run) => run.test === test.id)?.variant)
  const wanted = here ?? before ?? betterFirst(test, schoolVariant(exam, test), soreSides(exam))
  if (test.variants.length < 2 || !contraindicationOf(exam, test.id, wanted)) return wanted
  const [open, ...others] = offered(test.variants).filter((v) => !contraindicationOf(exam, test.id, v.id))
  const light = [...(open ? [open] : []), ...others].find((v) => v.grade === 'light')
  return (light ?? open) ? betterFirst(test, (light ?? open)?.id ?? wanted, soreSides(exam)) : wanted
}

/** The same way with the better side first, where a test that takes both in turn has one. */
function betterFirst(test: ExamTest, wanted: string, sore: readonly Side[]): string {
  const way = test.variants.find((v) => v.id === wanted)
  const [only] = sore
  if (!way?.first || sore.length !== 1 || only === undefined) return wanted
  return offered(test.variants).find((v) => v.grade === way.grade && v.first === otherSide(only))?.id ?? wanted
}

function doneWhy(test: ExamTest, side: TestSide, assessment: Assessment): string {
  const sides = side === 'none' ? (['left', 'right'] as const) : [side]
  const found = sides.flatMap((s) => findingFor(assessment.findings, test.id, s) ?? [])
  return (found.find((f) => f.result === 'positive') ?? found[0])?.why ?? 'Done.'
}
