import { testById } from '../catalogue'
import { postureIn } from '../catalogue/exam-test'
import { secondsOf, TURN_SECONDS } from '../planner/price'
import type { ExamEvent, TestStarted } from '../record/event'
import type { Posture } from '../vocabulary/posture'

/** What an examination cost: tests begun, turns of the body, and the seconds of both by the planner's own prices. */
export interface Cost {
  readonly tests: number
  readonly turns: number
  readonly seconds: number
}

/** The cost of these performances in their order, from lying nowhere. */
export function costOf(events: readonly ExamEvent[]): Cost {
  let at: Posture | null = null
  let turns = 0
  let seconds = 0
  const started = events.filter((e): e is TestStarted => e.type === 'test-started')
  for (const { test: id, variant } of started) {
    const test = testById(id)
    if (!test) continue
    const posture = postureIn(test, variant)
    if (at !== null && at !== posture) turns++
    seconds += secondsOf(test, variant) + (at === null ? 0 : TURN_SECONDS[at][posture])
    at = posture
  }
  return { tests: started.length, turns, seconds }
}
