import type { Exam } from '../record/exam'
import { closedGates, isEveryday, unasked } from '../safety/safety'
import { askedItems } from '../story/screen'
import { counted } from '../vocabulary/sentence'
import { WARNINGS } from '../safety/warnings'
import type { Paragraph } from './paragraph'

/** What the safety screen brought up, what it closed, and what was not asked. */
export function safetyParagraph(exam: Exam): Paragraph {
  const items = askedItems(exam.screen)
  const yes = items.filter((item) => exam.screen[item.id] === 'yes').map((item) => `Yes to: ${item.ask}`)
  const gates = closedGates(exam)
    .filter((c) => !isEveryday(c))
    .map(({ gate, opened }) => `${WORDS[gate.strength]}: ${gate.reason} ${gate.do}${opened === null ? '' : ` Opened by the practitioner: ${opened}.`}`)
  const seen = exam.warnings.map((w) => `Warning sign during the examination: ${WARNINGS.find((known) => known.id === w.sign)?.words.toLowerCase() ?? w.sign}.`)
  const open = unasked(exam)
  const asked = items.length - open
  const holes = open === 0 ? `All ${items.length} questions asked.` : `${counted(open, 'question')} of ${items.length} not asked.`
  return {
    heading: 'Safety screen',
    lines: asked === 0 ? ['Not done.', ...seen, ...gates] : [...seen, ...yes, ...gates, ...(yes.length === 0 ? ['Nothing answered yes.'] : []), holes],
  }
}

const WORDS = { halt: 'Halt', block: 'Blocked', before: 'First', caution: 'Caution' } as const
