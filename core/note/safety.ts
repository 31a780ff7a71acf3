import type { Exam } from '../record/exam'
import { causeWords } from '../safety/cause-words'
import { URGENCY_WORDS } from '../safety/gate'
import { type ClosedGate, closedGates, isEveryday, unasked } from '../safety/safety'
import { WARNINGS } from '../safety/warnings'
import { askedItems, SCREEN } from '../story/screen'
import { counted, listWords } from '../vocabulary/sentence'
import { gateReasons } from './reasons'
import { type Section, say, section } from './section'

/** What the safety screen brought up, what it closed, and what was not asked. */
export function safetySection(exam: Exam): Section {
  const items = askedItems(exam.screen)
  const yes = items.filter((item) => exam.screen[item.id] === 'yes').map((item) => say(`Yes to: ${item.ask}`, { kind: 'question', id: item.id }))
  const gates = closedGates(exam)
    .filter((c) => !isEveryday(c))
    .map((c) => say(gateLine(c), ...gateReasons(c, exam)))
  const elsewhere = SCREEN.flatMap((group) => {
    const where = exam.elsewhere[group.id]
    return where === undefined ? [] : [say(`${group.name}, asked elsewhere: ${stopped(where)}`, { kind: 'group', id: group.id })]
  })
  const seen = exam.warnings.map((w) =>
    say(`Warning sign during the examination: ${WARNINGS.find((known) => known.id === w.sign)?.words.toLowerCase() ?? w.sign}.`, {
      kind: 'warning',
      id: w.sign,
    }),
  )
  const open = unasked(exam)
  const asked = items.length - open
  const answered = items.filter((item) => exam.screen[item.id] !== undefined).map((item) => ({ kind: 'question', id: item.id }) as const)
  const holes =
    open === 0
      ? say(`All ${items.length} questions asked.`, ...answered)
      : say(`${counted(open, 'question')} of ${items.length} not asked: ${unaskedGroups(exam)}.`, ...answered)
  return section(
    'safety',
    asked === 0
      ? [say('Not done.'), ...elsewhere, ...seen, ...gates]
      : [...seen, ...yes, ...gates, ...elsewhere, ...(yes.length === 0 ? [say('Nothing answered yes.', ...answered)] : []), holes],
  )
}

/** The groups in which something was not asked, each with how much: "Cauda equina (2 of 6), Fracture (all 5)". */
export function unaskedGroups({ screen }: Pick<Exam, 'screen'>): string {
  const items = new Set(askedItems(screen).map((item) => item.id))
  return listWords(
    SCREEN.flatMap((group) => {
      const here = group.items.filter((item) => items.has(item.id))
      const open = here.filter((item) => screen[item.id] === undefined).length
      if (open === 0) return []
      return [`${group.name} (${open === here.length ? `all ${open}` : `${open} of ${here.length}`})`]
    }),
  )
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
