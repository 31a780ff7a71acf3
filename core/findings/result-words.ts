import type { ExamTest } from '../catalogue/exam-test'
import { type Result, RESULT_WORDS } from './finding'

/** Words for what was looked at, measured or relieved: nothing was brought on, so nothing is "reproduced". */
const FOUND: Record<Result, string> = { positive: 'found', negative: 'not found', inconclusive: 'inconclusive', 'not-applicable': 'not applicable' }

/** A result in words that fit what the test does: "reproduced" where a symptom was brought on, else "found". */
export function resultWords(test: Pick<ExamTest, 'stages' | 'reading'> | undefined, result: Result): string {
  const brings = (test?.reading.kind !== 'table' && test?.reading.kind !== 'nerves') || test.stages.some((stage) => stage.kind === 'load')
  return (brings ? RESULT_WORDS : FOUND)[result]
}
