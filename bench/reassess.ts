import { assess } from '../core/assess'
import { CATALOGUE } from '../core/catalogue'
import { nextStep, routeOf } from '../core/planner/route'
import { examFrom } from '../core/record/exam'
import { fullExam } from './full-exam'
import { ratio, report, share, timed } from './measure'

/** Everything the bench computes after one event, with all tests done, against one frame of the screen. */
export function reassess(): void {
  const { events } = fullExam()
  const times = timed(300, () => {
    const exam = examFrom(events)
    if (!exam) return
    nextStep(routeOf(assess(exam)), exam)
  })
  report(`Full reassessment after an event (all ${CATALOGUE.length} tests, every side)`, [
    `${events.length} events; median ${share(times, 0.5).toFixed(2)} ms, 95th percentile ${share(times, 0.95).toFixed(2)} ms`,
    `median against a 16 ms frame: ${ratio(share(times, 0.5), 16)}`,
  ])
}
