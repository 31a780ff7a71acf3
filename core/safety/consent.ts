import type { ExamTest, IntimateRegion } from '../catalogue/exam-test'
import type { Exam } from '../record/exam'

/** The region before whose contact consent has to be asked again now; null where none is touched, or it was agreed to. */
export function asksAgain(test: Pick<ExamTest, 'intimate'>, exam: Pick<Exam, 'renewed'>): IntimateRegion | null {
  const region = test.intimate
  return region && exam.renewed[region] !== 'agreed' ? region : null
}
