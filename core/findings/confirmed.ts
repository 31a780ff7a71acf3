import type { ExamTest } from '../catalogue/exam-test'
import { inSentence } from '../vocabulary/sentence'
import type { Finding } from './finding'

/**
 * What a test that confirms this one said on the same side, once one of the two brought the own symptom on.
 *
 * The slump and the leg raise confirm each other, whichever came first; two that disagree are looked at again.
 */
export function confirmed(finding: Finding, findings: readonly Finding[], testById: (id: string) => ExamTest | undefined): Finding {
  const said = findings.flatMap((other) => {
    if (other.side !== finding.side || other.about !== finding.about || !confirms(finding, other, testById)) return []
    const words = agreementWords(finding, other, testById(other.test))
    return words === null ? [] : [words]
  })
  return said.length === 0 ? finding : { ...finding, checks: [...finding.checks, ...said] }
}

function confirms(a: Finding, b: Finding, testById: (id: string) => ExamTest | undefined): boolean {
  return namesIt(testById(a.test), b.test) || namesIt(testById(b.test), a.test)
}

function namesIt(test: ExamTest | undefined, other: string): boolean {
  const confirmedBy = test && 'confirmedBy' in test.reading ? test.reading.confirmedBy : undefined
  return confirmedBy?.includes(other) ?? false
}

function agreementWords(finding: Finding, other: Finding, test: ExamTest | undefined): string | null {
  const name = test?.name ?? other.test
  // The slump counts what the knee is short of straight, the raise what the hip is bent: each says which.
  const unit = (test?.reading.kind === 'staged-tension' ? test.reading.angleInWords : undefined) ?? '°'
  const decided = [finding.result, other.result].every((r) => r === 'positive' || r === 'negative')
  if (!decided || (finding.result === 'negative' && other.result === 'negative')) return null
  const where = other.measures.onset === undefined ? '' : ` at ${other.measures.onset}${unit}`
  if (finding.result === other.result) return `Confirmed by the ${inSentence(name)}: positive there as well${where}.`
  return other.result === 'positive'
    ? `The ${inSentence(name)} says otherwise: positive there${where}. Look at both again, in the same order.`
    : `Not confirmed by the ${inSentence(name)}: negative there.`
}
