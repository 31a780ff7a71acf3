import { type Assessment, assess } from '../../core/assess'
import { CATALOGUE, testById } from '../../core/catalogue'
import type { ExamTest } from '../../core/catalogue/exam-test'
import { signsOf } from '../../core/evidence/signs'
import { adviceOf } from '../../core/planner/advice'
import { secondsOf, TURN_SECONDS } from '../../core/planner/price'
import { nextStep, postureOf, type RouteStep, routeOf, variantFor } from '../../core/planner/route'
import type { PlanMode } from '../../core/record/event'
import type { Exam, Run } from '../../core/record/exam'
import { leaderOf } from '../../core/sensitivity'
import { otherSide, type Side, type TestSide } from '../../core/vocabulary/side'
import { runThatReads, type Wanted } from './answers'
import type { Person } from './people/person'

/** What one way of planning did with a case. */
export interface Outcome {
  readonly assessment: Assessment
  readonly tests: number
  readonly turns: number
  /** Seconds of testing and turning. */
  readonly seconds: number
  /** Who led after each test, and how many seconds had gone by; null while nothing stood out. Empty for the full battery. */
  readonly path: readonly Moment[]
}

/** The leading source at one moment of an examination. */
export interface Moment {
  readonly seconds: number
  readonly leader: string | null
}

/** The side the generated complaint is on. */
export const SORE: Side = 'right'

/** Every planned test and every follow-on, whatever is already decided, in the order the body lies. */
export function fullBattery(made: Person): Outcome {
  let exam = made.exam
  for (let round = 0; round < 3; round++) {
    const left = routeOf(assess(exam))
      .flatMap((leg) => leg.steps)
      .filter((s) => s.state === 'open' || s.state === 'changes-nothing')
    if (left.length === 0) break
    for (const step of left) exam = perform(exam, step, made)
  }
  // A follow-on is done while the leg is still up, so it is put behind the test it follows before turns are counted.
  return outcomeOf({ ...exam, runs: exam.runs.toSorted((a, b) => placeOf(a, exam) - placeOf(b, exam)) })
}

/** One of the planner's own ways, followed until it has nothing left that would change the picture. */
export function planned(made: Person, mode: PlanMode): Outcome {
  return followed({ ...made.exam, mode }, made, (assessment) => {
    const route = routeOf(assessment)
    const step = nextStep(route, assessment.exam)
    return mode !== 'full-baseline' && adviceOf(assessment, route).stop !== null ? undefined : step
  })
}

/** The order of the full battery, given up as soon as the planner says that nothing left would change the picture. */
export function fixedOrder(made: Person): Outcome {
  return followed({ ...made.exam, mode: 'full-baseline' }, made, (assessment) => {
    const advice = adviceOf({ ...assessment, exam: { ...assessment.exam, mode: 'quickest-answer' } }, routeOf(assessment))
    return advice.stop === null ? nextStep(routeOf(assessment), assessment.exam) : undefined
  })
}

/** An examination that takes the step it is told, until it is told none. */
export function followed(start: Exam, made: Person, next: (assessment: Assessment) => RouteStep | undefined): Outcome {
  let exam = start
  const path: Moment[] = []
  for (let i = 0; i < 120; i++) {
    const assessment = assess(exam)
    if (exam.runs.length > path.length) path.push({ seconds: timeOf(exam).seconds, leader: leaderOf(assessment) })
    const step = next(assessment)
    if (!step) break
    exam = perform(exam, step, made)
  }
  return { ...outcomeOf(exam), path }
}

function placeOf(run: Run, exam: Exam): number {
  const test = testById(run.test)
  const anchor = test?.follows ?? test?.chain?.after ?? run.test
  const at = exam.runs.findIndex((r) => r.test === anchor && r.side === run.side)
  return at === -1 ? exam.runs.indexOf(run) : at + (anchor === run.test ? 0 : 0.5)
}

function perform(exam: Exam, { test, side }: Pick<RouteStep, 'test' | 'side'>, made: Person): Exam {
  const own = wantedOf(test, side, made)
  // A raise of the better leg is the crossed test too, and a staged compression both of its positions.
  const filled = CATALOGUE.filter((t) => t.filledBy === test.id && (side !== SORE || t.reading.kind !== 'crossed')).map((t) => wantedOf(t, side, made))
  const merged = (...of: readonly Wanted[]): Wanted => Object.fromEntries(of.flatMap((w) => Object.entries(w)))
  const all = merged(own, ...filled)
  const quiet: Wanted = Object.fromEntries(Object.keys(own).map((id) => [id, false]))
  const variant = variantFor(exam, test)
  const about = aboutOf(test, side)
  const reads = (what: Wanted) => runThatReads(exam, test, side, variant, about, what)
  // Whether a test can be positive where the pain is must not depend on whether it would have been.
  const placed = about === SORE && !test.follows && test.reading.kind !== 'nerves'
  const apart = made.outOfPlace === 'left-out' && placed && !Object.keys(own).every((id) => reads({ ...quiet, [id]: true }) !== null)
  const crossed = CATALOGUE.find((t) => t.filledBy === test.id && t.reading.kind === 'crossed' && side === otherSide(SORE))
  const run = apart
    ? null
    : crossed && made.shows[crossed.id]
      ? runThatReads(exam, test, side, variant, SORE, { [crossed.id]: true })
      : firstOf([all, ...(filled.length > 0 ? [merged(...filled)] : []), ...filled.filter((w) => Object.values(w).some(Boolean)), own, quiet], reads)
  // A test no answers of which read as wanted is left out with its reason, as it would be at the bench.
  if (!run) return { ...exam, skips: [...exam.skips, { test: test.id, side, why: 'not read as generated' }] }
  return { ...exam, runs: [...exam.runs, run] }
}

/** The first of these wishes that can be answered: a staged load ends where the symptom comes, so not all of them can be had together. */
function firstOf(wishes: readonly Wanted[], reads: (what: Wanted) => Run | null): Run | null {
  for (const wish of wishes) {
    const run = reads(wish)
    if (run) return run
  }
  return null
}

/** The side a test done on this one speaks about. */
function aboutOf(test: ExamTest, side: TestSide): Side {
  return side === 'none' ? SORE : test.reading.kind === 'crossed' ? otherSide(side) : side
}

function wantedOf(test: ExamTest, side: TestSide, made: Person): Wanted {
  const shows = (id: string) => (made.shows[id] ?? false) || (id === 'low-reflex' && (made.shows['patellar-reflex'] ?? false))
  // A lost knee reflex is one of the reflexes of the low roots too.
  return Object.fromEntries(namesOf(test).map((id) => [id, aboutOf(test, side) === SORE && shows(id)]))
}

/** What a test is generated by: its signs, or itself. */
export function namesOf(test: Pick<ExamTest, 'id'>): readonly string[] {
  const signs = signsOf(test.id)
  return signs.length > 0 ? signs.map((s) => s.id) : [test.id]
}

function outcomeOf(exam: Exam): Outcome {
  return { assessment: assess(exam), tests: exam.runs.length, ...timeOf(exam), path: [] }
}

function timeOf(exam: Exam): Pick<Outcome, 'turns' | 'seconds'> {
  const postures = exam.runs.flatMap((run) => {
    const test = testById(run.test)
    return test ? [postureOf(test, exam)] : []
  })
  const testing = exam.runs.reduce((sum, run) => {
    const test = testById(run.test)
    return sum + (test ? secondsOf(test, run.variant) : 0)
  }, 0)
  let turns = 0
  let turning = 0
  postures.forEach((posture, i) => {
    const before = postures[i - 1]
    if (before === undefined || before === posture) return
    turns += 1
    turning += TURN_SECONDS[before][posture]
  })
  return { turns, seconds: testing + turning }
}
