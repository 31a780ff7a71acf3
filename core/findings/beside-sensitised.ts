import type { ExamTest } from '../catalogue/exam-test'
import { inSentence } from '../vocabulary/sentence'
import type { Finding } from './finding'

/**
 * The plain way beside a sensitised one of the same test and side: a nerve lets it go less far once more is put on.
 *
 * Only the performance that counts is read; the other stands beside it, in words.
 *
 * @param performances - every performance of this test on this side
 */
export function besideSensitised(counts: Finding, performances: readonly Finding[], test: ExamTest | undefined): Finding {
  const gradeOf = (finding: Finding) => test?.variants.find((v) => v.id === finding.variant)?.grade ?? 'plain'
  const isSensitised = gradeOf(counts) === 'sensitised'
  const other = performances.findLast((f) => (gradeOf(f) === 'sensitised') !== isSensitised && f.run !== counts.run)
  const [plain, sensitised] = isSensitised ? [other, counts] : [counts, other]
  const from = reached(plain)
  const to = reached(sensitised)
  if (!test || !plain || !sensitised || from === undefined || to === undefined) return counts
  const way = inSentence(test.variants.find((v) => v.id === sensitised.variant)?.name ?? sensitised.variant)
  const sooner = from - to
  const words = sooner > 0 ? `${sooner}° sooner than the plain way (${from}°)` : `no sooner than the plain way (${from}°)`
  return { ...counts, checks: [...counts.checks, `With ${way} it ${sensitised.symptom ? 'began' : 'stopped'} at ${to}°, ${words}.`] }
}

function reached(finding: Finding | undefined): number | undefined {
  return finding?.measures.onset ?? finding?.measures.end
}
