import { type Assessment, assess } from '../core/assess'
import { adviceOf } from '../core/planner/advice'
import { optionsOf } from '../core/planner/options'
import { routeOf } from '../core/planner/route'
import type { Exam } from '../core/record/exam'
import { randomExam } from '../tests/random-exam'
import { ratio, report, share } from './measure'

const MODES: readonly Exam['mode'][] = ['full-baseline', 'fewest-turns', 'quickest-answer']
/** Records that are read and planned before anything is measured. */
const WARM = 100

/** Planning random examinations, of which no author of a plan thought, against reading them. */
export function randomPlans(records: number): void {
  const exams = Array.from({ length: WARM + records }, (_, n) => ({
    ...randomExam(`plan ${n}`, n % 60).exam,
    mode: MODES[n % MODES.length] ?? 'full-baseline',
  }))
  const took = exams.map(measured).slice(WARM)
  const of = (which: (t: (typeof took)[number]) => number) => took.map(which).sort((a, b) => a - b)
  const [reads, plans] = [of((t) => t.read), of((t) => t.plan)]
  const median = share(reads, 0.5)
  const over = took.filter((t) => t.plan > 3 * median)
  // A pause of the machine falls on any record; one that is dear by itself is dear again.
  const again = over.map(({ exam }) =>
    share(
      Array.from({ length: 7 }, () => measured({ ...exam }).plan).sort((a, b) => a - b),
      0.5,
    ),
  )
  const dear = again.filter((plan) => plan > 3 * median)
  report(`Planning ${records} random examinations, up to ${Math.max(...exams.map((e) => e.runs.length))} tests each, against the median reading of one`, [
    `reading: median ${median.toFixed(2)} ms, 99 % within ${ratio(share(reads, 0.99), median)}`,
    `planning: median ${ratio(share(plans, 0.5), median)}, 99 % within ${ratio(share(plans, 0.99), median)}, the longest ${ratio(share(plans, 1), median)}`,
    `over 3 times: ${over.length}; measured seven times again, ${dear.length} of them stay there, the dearest at ${ratio(Math.max(0, ...again), median)}`,
  ])
}

function measured(exam: Exam): { readonly exam: Exam; readonly read: number; readonly plan: number } {
  const begun = performance.now()
  const assessment = assess({ ...exam })
  const read = performance.now()
  planned(assessment)
  return { exam, read: read - begun, plan: performance.now() - read }
}

function planned(assessment: Assessment): void {
  const route = routeOf(assessment)
  adviceOf(assessment, route)
  optionsOf(assessment, route)
}
