import { assess } from '../core/assess'
import type { TestId } from '../core/catalogue/exam-test'
import type { BenchInput } from '../core/bench/input'
import { type BenchState, EMPTY_BENCH } from '../core/bench/state'
import { type Ground, inHand, step } from '../core/bench/step'
import { adviceOf } from '../core/planner/advice'
import { routeOf } from '../core/planner/route'
import { admitAll } from '../core/record/admit'
import { type Composed, composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import type { Exam } from '../core/record/exam'
import { RULEBOOK } from '../core/safety/rulebook'
import type { TestSide } from '../core/vocabulary/side'

let made = 0
/** The next id; each is another. */
export const id = () => composedId(2e12, 'bench', ++made)

/** What the bench stands on, made from a record as a screen makes it. */
export function groundOf(exam: Exam): Ground {
  const assessment = assess(exam)
  const route = routeOf(assessment)
  const next = adviceOf(assessment, route).step
  const pair = ({ test, side }: { test: { id: TestId }; side: TestSide }) => ({ test: test.id, side })
  return { exam, suggested: next && pair(next), order: route.flatMap((leg) => leg.steps.map(pair)) }
}

/** The bench as a screen binds it: what is refused leaves the state as it was. */
export function bench(record: Composed) {
  let events: readonly ExamEvent[] = record.events
  let exam = record.exam
  let state: BenchState = EMPTY_BENCH
  const told: EventContent[] = []
  const give = (input: BenchInput) => {
    const came = step(state, input, groundOf(exam))
    const stamped = came.events.map((content) => ({ ...content, id: id(), at: 2e12 + made, by: 'test-author' }))
    if (stamped.length > 0) {
      const admission = admitAll(events, stamped, RULEBOOK)
      if (!admission.ok) return came
      events = admission.events
      exam = admission.exam
      told.push(...came.events)
    }
    state = came.state
    return came
  }
  /** Something recorded elsewhere. */
  const tell = (content: EventContent) => {
    const admission = admitAll(events, [{ ...content, id: id(), at: 2e12 + made, by: 'test-author' }], RULEBOOK)
    if (!admission.ok) throw new Error(admission.problem.what)
    events = admission.events
    exam = admission.exam
  }
  return { give, tell, told, state: () => state, exam: () => exam, hand: () => inHand(state, groundOf(exam)) }
}
/** A test taken in hand. */
export const choose = (test: TestId, side: TestSide): BenchInput => ({ do: 'choose', test, side })
/** A plain answer that begins a run of its own where it begins one. */
export const answer = (said: 'nothing' | 'stretch', end?: number): BenchInput => ({ do: 'answer', said, run: id(), now: 0, ...(end !== undefined && { end }) })
