import type { Exam } from '../record/exam'
import { causeWords } from '../safety/cause-words'
import { URGENCY_WORDS } from '../safety/gate'
import { type ClosedGate, closedGates, isEveryday, unasked } from '../safety/safety'
import { askedItems, SCREEN } from '../story/screen'
import { counted } from '../vocabulary/sentence'
import { WARNINGS } from '../safety/warnings'
import type { Paragraph } from './paragraph'

/** What the safety screen brought up, what it closed, and what was not asked. */
export function safetyParagraph(exam: Exam): Paragraph {
  const items = askedItems(exam.screen)
  const yes = items.filter((item) => exam.screen[item.id] === 'yes').map((item) => `Yes to: ${item.ask}`)
  const gates = closedGates(exam)
    .filter((c) => !isEveryday(c))
    .map(gateLine)
  const elsewhere = SCREEN.flatMap((group) => {
    const where = exam.elsewhere[group.id]
    return where === undefined ? [] : [`${group.name}, asked elsewhere: ${stopped(where)}`]
  })
  const seen = exam.warnings.map((w) => `Warning sign during the examination: ${WARNINGS.find((known) => known.id === w.sign)?.words.toLowerCase() ?? w.sign}.`)
  const open = unasked(exam)
  const asked = items.length - open
  const holes = open === 0 ? `All ${items.length} questions asked.` : `${counted(open, 'question')} of ${items.length} not asked.`
  return {
    heading: 'Safety screen',
    lines:
      asked === 0
        ? ['Not done.', ...elsewhere, ...seen, ...gates]
        : [...seen, ...yes, ...gates, ...elsewhere, ...(yes.length === 0 ? ['Nothing answered yes.'] : []), holes],
  }
}

const WORDS = { halt: 'Halt', block: 'Blocked', before: 'First', caution: 'Caution' } as const

/** A gate as it closed and, where it was, as it was opened: what closed it, what no longer holds, and the reason. */
function gateLine({ gate, because, changed, opened }: ClosedGate): string {
  const urgency = gate.strength === 'halt' ? ` ${URGENCY_WORDS[gate.urgency]}.` : ''
  const causes = ` Because: ${because.map(causeWords).map(plain).join('; ')}.`
  const taken = changed.length > 0 ? ` Changed or taken back since: ${changed.map(causeWords).map(plain).join('; ')}.` : ''
  return `${WORDS[gate.strength]}: ${gate.reason} ${gate.do}${urgency}${gate.strength === 'caution' ? '' : causes}${taken}${opened === null ? '' : ` Opened by the practitioner: ${stopped(opened)}`}`
}

function plain(words: string): string {
  return words.replace(/[.?]$/, '')
}

/** A text that ends with one full stop. */
function stopped(text: string): string {
  return text.replace(/[.!?]?$/, '.')
}
