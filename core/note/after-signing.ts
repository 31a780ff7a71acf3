import type { Exam } from '../record/exam'
import { URGENCY_WORDS } from '../safety/gate'
import { haltsOf } from '../safety/safety'
import { entryWords } from './entry-words'
import { momentWords } from './moment-words'
import { gateReasons } from './reasons'
import { type Section, type Statement, say } from './section'

/**
 * What was told about safety after the signature, and the halts that stand with it: first in every paper of a signed examination, since
 * nothing of what was signed says it. Empty where nothing was.
 */
export function afterSigning(exam: Exam): readonly Section[] {
  if (exam.late.length === 0) return []
  const halts = haltsOf(exam).map((closed): Statement => {
    const { gate } = closed
    return say(`${gate.strength === 'halt' ? URGENCY_WORDS[gate.urgency] : 'Halted'}: ${gate.reason} ${gate.do}`, ...gateReasons(closed, exam))
  })
  const entries = exam.late.map((event) => say(`${entryWords(event)}. Added ${momentWords(event.at)} by ${event.by}.`, { kind: 'entry', id: event.id }))
  return [{ id: 'late', heading: 'Added after signing', statements: [...halts, ...entries] }]
}
