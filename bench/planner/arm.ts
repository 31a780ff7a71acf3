import { type Assessment, assess } from '../../core/assess'
import { testById } from '../../core/catalogue'
import { signsOf } from '../../core/evidence/signs'
import { adviceOf } from '../../core/planner/advice'
import { secondsOf, TURN_SECONDS } from '../../core/planner/price'
import { nextStep, postureOf, type RouteStep, routeOf, variantFor } from '../../core/planner/route'
import type { PlanMode } from '../../core/record/event'
import type { Exam, Run } from '../../core/record/exam'
import { otherSide, type Side } from '../../core/vocabulary/side'
import { runThatReads, type Wanted } from './answers'
import type { Case } from './case'

/** What one way of planning did with a case. */
export interface Outcome {
  readonly assessment: Assessment
  readonly tests: number
  readonly turns: number
  /** Seconds of testing and turning. */
  readonly seconds: number
}

/** The side the generated complaint is on. */
export const SORE: Side = 'right'

/** Every planned test and every follow-on, whatever is already decided, in the order the body lies. */
export function fullBattery(made: Case): Outcome {
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
export function planned(made: Case, mode: PlanMode): Outcome {
  let exam: Exam = { ...made.exam, mode }
  for (let i = 0; i < 120; i++) {
    const assessment = assess(exam)
    const route = routeOf(assessment)
    const step = nextStep(route, exam)
    if (!step || (mode !== 'full-baseline' && adviceOf(assessment, route).stop !== null)) break
    exam = perform(exam, step, made)
  }
  return outcomeOf(exam)
}

function placeOf(run: Run, exam: Exam): number {
  const test = testById(run.test)
  const anchor = test?.follows ?? test?.chain?.after ?? run.test
  const at = exam.runs.findIndex((r) => r.test === anchor && r.side === run.side)
  return at === -1 ? exam.runs.indexOf(run) : at + (anchor === run.test ? 0 : 0.5)
}

function perform(exam: Exam, { test, side }: Pick<RouteStep, 'test' | 'side'>, made: Case): Exam {
  const about: Side = side === 'none' ? SORE : test.reading.kind === 'crossed' ? otherSide(side) : side
  const shows = (id: string) => about === SORE && (made.shows[id] ?? false)
  const signs = signsOf(test.id)
  const wanted: Wanted = Object.fromEntries((signs.length > 0 ? signs.map((s) => s.id) : [test.id]).map((id) => [id, shows(id)]))
  const variant = variantFor(exam, test)
  const none = Object.fromEntries(Object.keys(wanted).map((id) => [id, false]))
  const run = runThatReads(exam, test, side, variant, about, wanted) ?? runThatReads(exam, test, side, variant, about, none)
  // A test no answers of which read as wanted is left out with its reason, as it would be at the bench.
  if (!run) return { ...exam, skips: [...exam.skips, { test: test.id, side, why: 'not read as generated' }] }
  return { ...exam, runs: [...exam.runs, run] }
}

function outcomeOf(exam: Exam): Outcome {
  const postures = exam.runs.flatMap((run) => {
    const test = testById(run.test)
    return test ? [postureOf(test, exam)] : []
  })
  const seconds = exam.runs.reduce((sum, run) => {
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
  return { assessment: assess(exam), tests: exam.runs.length, turns, seconds: seconds + turning }
}
