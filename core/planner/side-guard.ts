import type { ExamTest } from '../catalogue/exam-test'
import type { Exam } from '../record/exam'
import { soreSides } from '../story/sore-sides'
import type { TestSide } from '../vocabulary/side'

/** Where only the painful side is read, having the other one in hand is worth a word; null where it is not. */
export function sideGuard(test: Pick<ExamTest, 'plan'>, side: TestSide, exam: Pick<Exam, 'symptoms'>): string | null {
  const sore = soreSides(exam)
  const [only] = sore
  if (test.plan !== 'painful-side' || side === 'none' || sore.length !== 1 || only === undefined || only === side) return null
  return `You said ${only} is the sore side; this is the ${side}.`
}
