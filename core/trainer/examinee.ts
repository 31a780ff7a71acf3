import { type Assessment, assess } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import type { ExamTest } from '../catalogue/exam-test'
import { adviceOf } from '../planner/advice'
import { nextStep, routeOf, variantFor } from '../planner/route'
import type { Composed } from '../record/compose'
import type { ExamEvent } from '../record/event'
import { offered, sidesOf } from '../record/outline'
import type { Urgency } from '../safety/gate'
import { RULEBOOK } from '../safety/rulebook'
import { haltsOf } from '../safety/safety'
import { estimateOf, isReferred, rankedSources } from '../standing'
import type { Edition } from '../vocabulary/edition'
import type { TestSide } from '../vocabulary/side'
import { REFERRED } from '../vocabulary/source'
import type { Commitment, PracticeStep } from './attempt'
import { chanceOf } from './chance'
import { isPlayed } from './is-played'
import { askedTruly, recorded } from './perform'
import type { SimulatedPatient } from './simulated-patient'
import type { PlayedSource } from './picture'
import { storyQuestions } from './story-questions'

/** How tests are chosen: as the planner advises, every test in the order of the catalogue, or by lot. */
export type Policy = 'plan' | 'catalogue' | 'random'

/** An examination by rule, and what follows from it. */
export interface Examined {
  readonly record: Composed
  readonly assessment: Assessment
  readonly commitment: Commitment
}

/** Nobody is examined for longer. */
const MOST_TESTS = 60
const BY_LOT = 12

/**
 * Examine a person by a rule: everything is asked, every answer is read truly, nothing is done that a gate stands against.
 *
 * What is left to the rule is which tests, in which order, and when to stop.
 */
export function examine(patient: SimulatedPatient, policy: Policy, edition: Edition): Examined {
  if (policy === 'plan') return toEnd(planInSteps(patient, edition))
  return examined(inTurn(patient, askedTruly(patient, edition), policy === 'catalogue' ? everyTest() : drawn(patient)))
}

/** The plan, a test a step: a server rests in between, so that nobody beside it waits. */
export function* planInSteps(patient: SimulatedPatient, edition: Edition): Generator<undefined, Examined> {
  const steps = byPlan(patient, askedTruly(patient, edition))
  return examined(yield* steps)
}

/** Run something that is done in steps to its end. */
export function toEnd<T>(steps: Generator<undefined, T>): T {
  for (;;) {
    const next = steps.next()
    if (next.done) return next.value
  }
}

function examined(record: Composed): Examined {
  const assessment = assess(record.exam)
  return { record, assessment, commitment: commitmentFrom(assessment) }
}

function* byPlan(patient: SimulatedPatient, story: Composed): Generator<undefined, Composed> {
  let record = story.then({ type: 'plan-chosen', mode: 'quickest-answer' })
  for (let n = 0; n < MOST_TESTS; n++) {
    const assessment = assess(record.exam)
    const route = routeOf(assessment)
    const { step, stop } = adviceOf(assessment, route)
    const next = step ?? (stop === null ? nextStep(route, record.exam) : null)
    if (!next || stop !== null) return record
    const after = perform(record, patient, next.test, next.side, variantFor(record.exam, next.test))
    if (after === record) return record
    record = after
    yield undefined
  }
  return record
}

function inTurn(patient: SimulatedPatient, story: Composed, tests: readonly (readonly [ExamTest, TestSide])[]): Composed {
  return tests.reduce((record, [test, side]) => perform(record, patient, test, side, offered(test.variants)[0]?.id ?? ''), story)
}

/** What the hands of a careful examiner did for a record: each step as its test asks, with an open question. */
export function carefulSteps(patient: SimulatedPatient, events: readonly ExamEvent[]): readonly PracticeStep[] {
  const [first] = events
  const begun = new Map(events.flatMap((e) => (e.type === 'test-started' ? [[e.run, e] as const] : [])))
  const story = storyQuestions(patient).map((q): PracticeStep => ({ kind: 'story', at: first?.at ?? 0, question: q.id }))
  const hands = events.flatMap((event): PracticeStep[] => {
    const started = event.type === 'stage-answered' ? begun.get(event.run) : undefined
    const stage = started && event.type === 'stage-answered' ? testById(started.test)?.stages.find((s) => s.id === event.stage) : undefined
    if (!started || !stage) return []
    const { test, side, variant } = started
    return [{ kind: 'hands', at: event.at, test, side, variant, stage: stage.id, reach: {}, pace: 'slow', asked: 'open' }]
  })
  return [...story, ...hands]
}

/** Put a test on a record, read truly; the same record where it may not be done. */
export function perform(record: Composed, patient: SimulatedPatient, test: ExamTest, side: TestSide, variant: string): Composed {
  if (RULEBOOK.bars(record.exam, test.id, variant)) return record
  try {
    return recorded(record, patient, test, side, variant)
  } catch {
    // A test that follows another one which brought nothing on.
    return record
  }
}

/** Every test with each of its sides, in the order of the catalogue. */
export function everyTest(): readonly (readonly [ExamTest, TestSide])[] {
  return CATALOGUE.flatMap((test) => sidesOf(test).map((side) => [test, side] as const))
}

function drawn(patient: SimulatedPatient): readonly (readonly [ExamTest, TestSide])[] {
  const chance = chanceOf(`lot ${patient.case}`)
  const left = [...everyTest()]
  return Array.from({ length: BY_LOT }, () => left.splice(chance.whole(0, left.length - 1), 1)).flat()
}

/** A source leads from here on; below it nothing is held for true. */
const HELD_FROM = 0.3

/** Even odds, in per cent. */
const EVEN = 50

/** How much pointers speak for a source: each test counts, and what the story told counts half of one, since its items are of one rule. */
function pointedBy(pointers: Assessment['sources'][number]['pointers']): number {
  const net = (of: typeof pointers) => of.filter((p) => p.direction === 'for').length - of.filter((p) => p.direction === 'against').length
  const told = pointers.filter((p) => p.test === 'story')
  return net(pointers.filter((p) => p.test !== 'story')) + Math.sign(net(told)) / 2
}

/** Gates that say by themselves what hurts. */
const BY_GATE: Readonly<Record<string, PlayedSource>> = { cord: 'cord' }

/**
 * What an assessment comes to, in the words of a commitment.
 *
 * A source with a figure is held with it. One that only pointers speak for is held with even odds, shared among all that as many speak for:
 * an assumption, since pointers have no figures. Where nothing speaks, that none is there is as sure as that each is not.
 */
export function commitmentFrom({ exam, sources }: Assessment): Commitment {
  const halt = haltsOf(exam)[0]
  const ranked = rankedSources(sources).filter((s) => isPlayed(s.source))
  const best = ranked[0]
  const estimate = best ? (estimateOf(best) ?? 0) : 0
  const pointed = sources
    .filter((s) => isPlayed(s.source))
    .map((s) => ({ ...s, n: pointedBy(s.pointers) }))
    .filter((s) => s.n > 0)
    .toSorted((a, b) => b.n - a.n)
  const [pointer] = pointed
  const referred = sources.find((s) => isReferred(s) && isPlayed(s.source))
  const urgency: Urgency | null =
    (halt && 'urgency' in halt.gate ? halt.gate.urgency : null) ??
    (sources.some((s) => REFERRED.includes(s.source) && s.pointers.some((p) => p.direction === 'for')) ? 'medical-review' : null)
  const decided = { next: urgency === null ? ('treat' as const) : ('refer' as const), urgency }
  const gated = halt && BY_GATE[halt.gate.id]
  // What lies in the middle has no side; one of them stands there and is not judged.
  if (gated) return { sources: [{ source: gated, side: 'right', level: null }], certainty: EVEN, ...decided }
  if (referred && isPlayed(referred.source)) return { sources: [{ source: referred.source, side: referred.side, level: null }], certainty: EVEN, ...decided }
  if (best && isPlayed(best.source) && estimate >= HELD_FROM)
    return { sources: [{ source: best.source, side: best.side, level: null }], certainty: Math.round(estimate * 100), ...decided }
  if (pointer && isPlayed(pointer.source)) {
    const certainty = Math.round(EVEN / pointed.filter((s) => s.n === pointer.n).length)
    return { sources: [{ source: pointer.source, side: pointer.side, level: null }], certainty, ...decided }
  }
  return { sources: [], certainty: Math.round(100 * ranked.reduce((none, s) => none * (1 - (estimateOf(s) ?? 0)), 1)), ...decided }
}
