import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { testTitle } from '../catalogue/exam-test'
import { routeOf } from '../planner/route'
import type { PaperEvent } from '../record/paper-events'
import type { Run } from '../record/run'
import { causeWords } from '../safety/cause-words'
import { type Urgency, URGENCY_WORDS } from '../safety/gate'
import { type ClosedGate, haltsOf, unasked } from '../safety/safety'
import { inSentence } from '../vocabulary/sentence'
import type { LetterUrgency } from '../vocabulary/note-section'
import { isNeurological, stageWords } from './stage-words'
import { concluded } from './in-short'
import { unaskedGroups } from './safety'
import { STATEMENT, UNCHECKED } from './statement'
import { consentWords, symptomStatements } from './story'
import { STAGES } from './section'
import { testsSection } from './tests'

/** Who, when and by whom; times in words of the place where the letter is written. */
export interface LetterHead {
  /** "Imre Talvane, 43, bell-founder, number 101" */
  readonly about: string
  /** Day of birth, YYYY-MM-DD; null where it is not known. */
  readonly born: string | null
  readonly examinedAt: number
  readonly by: string
  readonly when: (at: number) => string
}

/** What stands above and below the body. */
export interface LetterFrame {
  /** To whom; empty leaves the line blank. */
  readonly to: string
  readonly urgency: LetterUrgency
  readonly agreed: Extract<PaperEvent, { type: 'letter-written' }>['agreed']
}

/** How soon, as the first line of a letter says it. */
export const LETTER_URGENCY_WORDS: Readonly<Record<LetterUrgency, string>> = {
  emergency: 'EMERGENCY: please see this person now.',
  'same-day': 'SAME DAY: please assess this person today.',
  urgent: 'URGENT: please see this person today or tomorrow.',
  routine: 'ROUTINE: please review this person.',
}

const AGREED: Readonly<Record<LetterFrame['agreed'], string>> = {
  yes: 'The person agreed that this letter is sent.',
  no: 'The person did not agree that this letter is sent; it is sent for their safety.',
  'not-asked': 'Agreement to this letter was not recorded.',
}

/** The urgency that the record asks for: of the most urgent halt that stands; routine where none does. */
export function urgencyOf(assessment: Pick<Assessment, 'exam'>): LetterUrgency {
  const asked = haltsOf(assessment.exam).flatMap(({ gate }) => (gate.strength === 'halt' ? [OF_GATES[gate.urgency]] : []))
  return (['emergency', 'same-day', 'urgent'] as const).find((urgency) => asked.includes(urgency)) ?? 'routine'
}

const OF_GATES: Readonly<Record<Urgency, LetterUrgency>> = { emergency: 'emergency', 'same-day': 'same-day', urgent: 'urgent', 'medical-review': 'routine' }

/** What stands above and below the body of a letter. */
export function letterParts({ to, urgency, agreed }: LetterFrame, head: LetterHead): { readonly above: string; readonly below: string } {
  const who = `${head.about}${head.born === null ? '' : `, born ${head.born}`}`
  return {
    above: [
      LETTER_URGENCY_WORDS[urgency],
      '',
      `To: ${to.trim() === '' ? '_'.repeat(40) : to.trim()}`,
      `About: ${who}. Examined ${head.when(head.examinedAt)} by ${head.by}.`,
      '',
    ].join('\n'),
    below: ['', AGREED[agreed], '', head.by, '', STATEMENT].join('\n'),
  }
}

/** The whole letter as text: urgency in the first line, a recipient line that may be left blank, the body, consent and who signs. */
export function letterText(frame: LetterFrame, head: LetterHead, body: string): string {
  const { above, below } = letterParts(frame, head)
  return [above, body.trim(), below].join('\n')
}

/** What a line of a letter is, for whoever sets it: the urgency, a heading above its lines, an item, a line of text, or nothing. */
export function letterLines(text: string): readonly { readonly as: 'urgency' | 'heading' | 'item' | 'text' | 'gap'; readonly text: string }[] {
  const lines = text.split('\n')
  const urgencies: readonly string[] = Object.values(LETTER_URGENCY_WORDS)
  return lines.map((line, i) => {
    if (line.trim() === '') return { as: 'gap', text: '' }
    if (i === 0 && urgencies.includes(line)) return { as: 'urgency', text: line }
    if (line.startsWith('- ')) return { as: 'item', text: line.slice(2) }
    const above = (lines[i - 1] ?? '').trim() === ''
    const below = (lines[i + 1] ?? '').trim() !== ''
    return { as: above && below && line.length < 50 && !/[.:;]/.test(line) ? 'heading' : 'text', text: line }
  })
}

/** The body as it is first offered: why, what led to it, what was and was not examined, the nerves with their time, consent. */
export function letterBody(assessment: Assessment, { when }: Pick<LetterHead, 'when'>): string {
  const { exam } = assessment
  const halts = haltsOf(exam)
  const parts: readonly (readonly [heading: string, lines: readonly string[]])[] = [
    [
      'Why I am writing',
      [...(halts.length > 0 ? halts.map(haltLine) : concluded(assessment).map((s) => s.text)), 'Please assess, and let me know what you find.'],
    ],
    ['What led to it', ledTo(assessment, halts)],
    ['The complaint', symptomStatements(exam).map((s) => s.text)],
    ['Neurological examination', nerves(exam.runs, when)],
    ['What was examined', examined(assessment)],
    ['What was not examined', notExamined(assessment)],
    ['Consent', [consentWords(exam)]],
    ...(assessment.sources.some((s) => s.weighed) ? [['About the figures', [UNCHECKED]] as const] : []),
  ]
  return parts.map(([heading, lines]) => [heading, ...lines].join('\n')).join('\n\n')
}

function haltLine({ gate, because }: ClosedGate): string {
  const soon = gate.strength === 'halt' ? `${URGENCY_WORDS[gate.urgency]}: ` : ''
  return `${soon}${gate.reason} ${gate.do} Because: ${because.map((c) => causeWords(c).replace(/[.?]$/, '')).join('; ')}.`
}

/** Answers that were yes, signs that were seen and tests that were positive; what no source rests on is left to the list of tests. */
function ledTo(assessment: Assessment, halts: readonly ClosedGate[]): readonly string[] {
  const { exam, findings } = assessment
  const causes = [...new Set(halts.flatMap((h) => h.because))].map((cause) => `- ${causeWords(cause)}`)
  const yes = Object.entries(exam.screen).flatMap(([item, answer]) => (answer === 'yes' ? [`- ${causeWords(item)}`] : []))
  const positive = findings.filter((f) => f.result === 'positive').map((f) => `- ${testById(f.test)?.name ?? f.test}, ${f.side}: positive. ${f.why}`)
  const all = [...new Set([...causes, ...yes, ...positive])]
  return all.length === 0 ? ['No answer was yes and no test was positive.'] : all
}

/** Each neurological screen with the time it was done and every cell that was filled in. */
function nerves(runs: readonly Run[], when: LetterHead['when']): readonly string[] {
  const done = runs.filter((run) => isNeurological(run.test) && run.answers.length > 0)
  if (done.length === 0) return ['Not done: strength, reflexes and sensation are not known.']
  return done.map((run) => {
    const test = testById(run.test)
    const told = run.answers.map(({ stage: at, answer }) =>
      stageWords(
        answer,
        test?.stages.find((s) => s.id === at),
      ),
    )
    return `- ${test ? testTitle(test, run.side) : run.test}, ${when(run.startedAt)}: ${told.join('; ')}.`
  })
}

function examined(assessment: Assessment): readonly string[] {
  const lines = testsSection(assessment).statements.map((s) => s.text)
  return lines.filter((line) => !line.startsWith(STAGES) && !line.startsWith('Withheld') && !line.startsWith('Not done'))
}

function notExamined(assessment: Assessment): readonly string[] {
  const { exam } = assessment
  const steps = routeOf(assessment).flatMap((leg) => leg.steps)
  const open = steps.filter((s) => s.state === 'open' || s.state === 'under-way').map((s) => inSentence(testTitle(s.test, s.side)))
  const withheld = steps.filter((s) => s.state === 'withheld').map((s) => inSentence(testTitle(s.test, s.side)))
  const skipped = exam.skips.map((s) => {
    const test = testById(s.test)
    return `${test ? inSentence(testTitle(test, s.side)) : s.test} (${s.why})`
  })
  const lines = [
    ...(open.length > 0 ? [`Planned and not done: ${open.join('; ')}.`] : []),
    ...(withheld.length > 0 ? [`Withheld for safety: ${withheld.join('; ')}.`] : []),
    ...(skipped.length > 0 ? [`Left out: ${skipped.join('; ')}.`] : []),
    ...(unasked(exam) > 0 ? [`Safety questions not asked: ${unaskedGroups(exam)}.`] : []),
  ]
  return lines.length === 0
    ? ['Every planned test was done and every safety question asked. Imaging and blood tests were not part of this examination.']
    : lines
}
