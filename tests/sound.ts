import { assess } from '../core/assess'
import { noteOf } from '../core/note/note'
import { plainText } from '../core/note/paragraph'
import { adviceOf } from '../core/planner/advice'
import { routeOf } from '../core/planner/route'
import type { Exam } from '../core/record/exam'

/** Text no reader may ever meet. */
const BROKEN = /undefined|NaN|\[object|null°|Infinity/

/** What is wrong with how a record is assessed, planned and written; nothing where all of it holds. */
export function unsound(exam: Exam): readonly string[] {
  const assessment = assess(exam)
  const { why, stop, price } = adviceOf(assessment, routeOf(assessment))
  const text = [plainText(noteOf(assessment, 'Somebody, 43.')), why, stop ?? '', JSON.stringify(price)].join('\n')
  const broken = BROKEN.exec(text)
  return [
    ...(broken ? [`“${text.slice(Math.max(0, broken.index - 60), broken.index + 40)}”`] : []),
    ...assessment.sources.flatMap(({ source, weighed }) =>
      weighed && [weighed.model, weighed.product, weighed.estimate].some((p) => !(p > 0 && p < 1)) ? [`${source} outside 0 to 1`] : [],
    ),
    // Every reading says why, in a sentence.
    ...assessment.findings.flatMap((f) => (/^[^\s].*[.!?]$/s.test(f.why.trim()) ? [] : [`${f.test}: “${f.why}”`])),
    // What was not looked at is not normal, and what was not loaded is not quiet.
    ...assessment.findings.flatMap((f) => {
      const run = exam.runs.find((r) => r.id === f.run)
      if (f.result !== 'negative' || f.derived || run?.test !== f.test) return []
      return f.reproduced || (run.stopped !== null && run.answers.length === 0) ? [`${f.test} is negative though it came on, or was not done`] : []
    }),
  ]
}
