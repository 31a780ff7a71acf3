import { testById } from '../catalogue'
import type { Stage } from '../catalogue/exam-test'
import { nameOfTest } from '../catalogue/retired'
import { SCHOOLS } from '../catalogue/schools'
import { RESULT_WORDS } from '../findings/finding'
import { PLAN_MODES } from '../planner/modes'
import type { Answer, Familiar } from '../record/answer'
import type { ExamEvent } from '../record/event'
import { cellsOf, cellValueWords } from '../record/outline'
import { GATES } from '../safety'
import { WARNINGS } from '../safety/warnings'
import { FACTS } from '../story/facts'
import { SCREEN } from '../story/screen'
import { placeWords } from '../vocabulary/body-area'
import { counted, listWords } from '../vocabulary/sentence'
import { SECTION_HEADINGS } from './section'
import { treatmentWords } from './treatment-words'

/**
 * An entry in one line, for whoever has to deal with it by hand: nothing of what it said is left out.
 *
 * What has no name here any more is called by its id.
 *
 * @param among - entries in which the performance it answers, or what it takes back, can be looked up
 */
export function entryWords(event: ExamEvent, among: readonly ExamEvent[] = []): string {
  switch (event.type) {
    case 'stage-answered': {
      const begun = startOf(event.run, among)
      const stage = begun && testById(begun.test)?.stages.find((s) => s.id === event.stage)
      return `${begun ? `${titleOf(begun)}, ` : ''}${stage ? stage.label.charAt(0).toLowerCase() + stage.label.slice(1) : event.stage}: ${answerWords(event.answer, stage)}`
    }
    case 'test-started': {
      const variant = testById(event.test)?.variants.find((v) => v.id === event.variant)?.name ?? event.variant
      return `${titleOf(event)}: begun${variant === '' ? '' : ` (${variant})`}`
    }
    case 'test-stopped': {
      const begun = startOf(event.run, among)
      return `${begun ? titleOf(begun) : 'Test'}: ${STOPPED_WORDS[event.why]}`
    }
    case 'test-skipped':
      return `${titleOf(event)}: left out, ${event.why}`
    case 'symptom-described':
      return [
        `${event.symptom}: ${event.words || 'no words'}`,
        event.places.length > 0 ? listWords(event.places.map(placeWords)) : 'no place',
        ...(event.qualities.length > 0 ? [event.qualities.join(', ')] : []),
        ...(event.now === null ? [] : [`${event.now} of 10`]),
        ...(event.bringsOn === '' ? [] : [`brought on by ${event.bringsOn}`]),
        ...(event.eases === '' ? [] : [`eased by ${event.eases}`]),
      ].join('; ')
    case 'symptom-removed':
      return `${event.symptom} removed`
    case 'symptom-rated':
      return `${event.symptom} rated ${event.now} of 10`
    case 'screen-answered':
      return `${questionOf(event.item)} ${event.answer}`
    case 'screen-rest-no':
      return `${SCREEN.find((g) => g.id === event.group)?.name ?? event.group}, no to the rest: ${event.items.map(questionOf).join(' ')}`
    case 'fact-told':
      return `${FACTS.find((f) => f.id === event.fact)?.ask ?? event.fact} ${event.answer}`
    case 'screen-elsewhere':
      return `${SCREEN.find((g) => g.id === event.group)?.name ?? event.group}: asked elsewhere, ${event.why}`
    case 'run-chosen': {
      const begun = startOf(event.run, among)
      return `${begun ? titleOf(begun) : 'A test'}: this performance counts; ${event.why}`
    }
    case 'age-corrected':
      return `Age corrected to ${event.ageYears ?? 'not known'}: ${event.why}`
    case 'wrong-person':
      return `This record belongs to another person: ${event.why}`
    case 'consent-given':
      return `Consent given, ${event.form}${event.explained === undefined ? '' : `; explained: ${event.explained}`}`
    case 'consent-withdrawn':
      return 'Consent withdrawn'
    case 'consent-renewed':
      return `Consent asked again (${event.region}): ${event.answer}, chaperone ${event.chaperone}`
    case 'gate-opened': {
      const reason = GATES.find((g) => g.id === event.gate)?.reason.replace(/\.$/, '') ?? event.gate
      return `Opened “${reason}”: ${event.why}`
    }
    case 'finding-overridden': {
      const begun = startOf(event.run, among)
      return `${begun ? titleOf(begun) : 'A test'}: set to ${RESULT_WORDS[event.result]} for the ${event.about}; ${event.why}`
    }
    case 'warning-seen':
      return `Warning sign: ${WARNINGS.find((w) => w.id === event.sign)?.words ?? event.sign}`
    case 'route-ordered':
      return `Order of the tests: ${event.order.map(stepWords).join('; ')}`
    case 'schools-chosen':
      return `Schools: ${Object.entries(event.schools).map(schoolWords).join('; ')}`
    case 'plan-chosen':
      return `Plan: ${PLAN_MODES.find((m) => m.id === event.mode)?.name ?? event.mode}`
    case 'undone': {
      const gone = among.find((e) => e.id === event.target)
      return `Taken back: ${gone && gone.type !== 'undone' ? entryWords(gone, among) : 'an entry'}`
    }
    case 'note-written':
      return `Own words${event.section === undefined ? '' : ` to “${SECTION_HEADINGS[event.section]}”`}: ${event.text}`
    case 'addendum-written':
      return `Addendum: ${event.text}`
    case 'letter-written':
      return `Letter, ${event.urgency.replace('-', ' ')}${event.to === '' ? '' : `, to ${event.to}`}: ${event.text}`
    case 'summary-given':
      return `Summary for the person: ${event.text}${event.agreed === '' ? '' : ` Agreed: ${event.agreed}`}`
    case 'exam-signed':
      return 'Signature'
    case 'exam-opened':
      return 'Examination opened'
    case 'episode-continued':
      return `Visit ${event.visit} of an episode; ${counted(event.earlier.length, 'earlier performance')} brought`
    case 'treatment-given':
      return `Treatment: ${treatmentWords(event)}`
    case 'treatment-answered':
      return `After treatment ${event.treatment}: ${event.response}`
    case 'sign-marked':
      return `${titleOf(event)}: ${SIGN_WORDS[event.as]}`
    case 'baseline-pinned': {
      const begun = startOf(event.run, among)
      return `${begun ? titleOf(begun) : 'An earlier performance'}: this one is the baseline; ${event.why}`
    }
  }
}

const SIGN_WORDS = {
  pinned: 'pinned as a comparable sign',
  dropped: 'dropped from the comparable signs',
  proposed: 'a comparable sign as proposed',
} as const

/** Why a test ended before its ladder did. */
const STOPPED_WORDS = {
  'patient-asked': 'stopped, the patient asked',
  'examiner-chose': 'stopped by the examiner',
  halted: 'ended, the examination was halted',
} as const

function startOf(run: string, among: readonly ExamEvent[]) {
  return among.find((e) => e.type === 'test-started' && e.run === run) as Extract<ExamEvent, { type: 'test-started' }> | undefined
}

function titleOf({ test, side }: { readonly test: string; readonly side: string }): string {
  return `${nameOfTest(test)}${side === 'none' ? '' : `, ${side}`}`
}

/** A step of an order, "slump left", in words. */
function stepWords(key: string): string {
  const [test = '', side = 'none'] = key.split(' ')
  return titleOf({ test, side })
}

function questionOf(item: string): string {
  return SCREEN.flatMap((group) => group.items).find((i) => i.id === item)?.ask ?? item
}

function schoolWords([question, school]: readonly [string, string]): string {
  const asked = SCHOOLS.find((q) => q.id === question)
  return `${asked?.ask ?? question} ${asked?.schools.find((s) => s.id === school)?.name ?? school}`
}

/** What was observed at a stage, with everything that was measured beside it. */
export function answerWords(answer: Answer, stage: Stage | undefined): string {
  const unit = stage?.angle?.unit ?? '°'
  switch (answer.said) {
    case 'familiar':
      return `${answer.symptom} came on, ${answer.intensity === null ? 'strength not asked' : `${answer.intensity} of 10`}${at(answer.places)}${answer.onset === undefined ? '' : `, at ${answer.onset}${unit}`}${watched(answer)}`
    case 'other':
      return `something else${answer.qualities?.length ? `, ${answer.qualities.join(', ')}` : ''}${at(answer.places)}${answer.words ? `: ${answer.words}` : ''}${to(answer.end, unit)}${watched(answer)}`
    case 'stretch':
      return `stretch only${at(answer.places)}${to(answer.end, unit)}${watched(answer)}`
    case 'nothing':
      return `nothing${to(answer.end, unit)}${watched(answer)}`
    case 'observed':
      return stage?.choices?.find((c) => c.id === answer.choice)?.words ?? answer.choice
    case 'measured':
      return `${answer.trials.map((trial) => `${trial}${stage ? unit : ''}`).join(', ')}${answer.limitedBy ? `, limited by ${answer.limitedBy.replace('-', ' ')}` : ''}${fromDevice(answer)}`
    case 'grid':
      return `${cellWords(answer.cells, stage)}${fromDevice(answer)}`
    case 'returned':
    case 'stayed-away':
      return `${answer.said.replace('-', ' ')}${answer.lowered === undefined ? '' : `, lowered ${answer.lowered}°`}${changed(answer)}`
    case 'eased':
    case 'unchanged':
      return `${answer.said}${answer.part === undefined ? '' : `, ${partWords(answer.part, stage)} let go`}${changed(answer)}`
    case 'worse':
    case 'nothing-to-relieve':
      return `${answer.said.replaceAll('-', ' ')}${changed(answer)}`
  }
}

function cellWords(cells: Readonly<Record<string, string>>, stage: Stage | undefined): string {
  const known = stage?.grid ? cellsOf(stage.grid) : []
  return Object.entries(cells)
    .map(([id, value]) => {
      const cell = known.find((c) => c.id === id)
      return cell ? `${cell.row.words} ${cell.column.words} ${cellValueWords(cell.column, value)}` : `${id} ${value}`
    })
    .join(', ')
}

function to(end: number | undefined, unit: string): string {
  return end === undefined ? '' : `, to ${end}${unit}`
}

type Beside = Partial<Pick<Familiar, 'lean' | 'held' | 'newtons' | 'endFeel' | 'painOrder' | 'simulated' | 'picture'>>

/** What was watched beside the answer. */
function watched({ lean, endFeel, painOrder, ...beside }: Beside): string {
  const felt = [endFeel === undefined ? '' : `, ${endFeel} end feel`, painOrder === undefined ? '' : `, ${painOrder.replaceAll('-', ' ')}`]
  return `${lean ? ', leaned away' : ''}${pressed(beside)}${felt.join('')}${fromDevice(beside)}`
}

/** What stands beside a change of a symptom that is there. */
function changed({ intensity, ...beside }: Beside & { readonly intensity?: number }): string {
  return `${intensity === undefined ? '' : `, ${intensity} of 10 now`}${pressed(beside)}${fromDevice(beside)}`
}

function pressed({ held, newtons }: Beside): string {
  return `${held === undefined ? '' : `, held ${held} s`}${newtons === undefined ? '' : `, ${newtons} N`}`
}

function fromDevice({ simulated, picture }: Beside): string {
  return `${simulated ? ', from a simulated device' : ''}${picture ? ', from a picture' : ''}`
}

function partWords(part: string, stage: Stage | undefined): string {
  return stage?.parts?.find((p) => p.id === part)?.words ?? part
}

function at(places: readonly Parameters<typeof placeWords>[0][]): string {
  return places.length === 0 ? '' : ` at ${listWords(places.map(placeWords))}`
}
