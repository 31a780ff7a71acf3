import { placeWords } from '../vocabulary/body-area'
import { listWords } from '../vocabulary/sentence'
import type { Answer } from './answer'
import type { ExamEvent } from './event'

/** An entry in one line, for whoever has to deal with it by hand: nothing of what it said is left out. */
export function eventWords(event: ExamEvent): string {
  switch (event.type) {
    case 'stage-answered':
      return `Stage “${event.stage}”: ${answerWords(event.answer)}`
    case 'test-started':
      return `Test begun: ${event.test}${event.side === 'none' ? '' : `, ${event.side}`} (${event.variant})`
    case 'test-stopped':
      return event.why === 'patient-asked' ? 'Test stopped, the patient asked' : 'Test stopped by the examiner'
    case 'test-skipped':
      return `Left out: ${event.test}${event.side === 'none' ? '' : `, ${event.side}`}: ${event.why}`
    case 'symptom-described':
      return `${event.symptom}: ${event.words || 'no words'}; ${event.places.length > 0 ? listWords(event.places.map(placeWords)) : 'no place'}${event.now === null ? '' : `; ${event.now} of 10`}`
    case 'symptom-removed':
      return `${event.symptom} removed`
    case 'symptom-rated':
      return `${event.symptom} rated ${event.now} of 10`
    case 'screen-answered':
      return `Screen question “${event.item}”: ${event.answer}`
    case 'screen-rest-no':
      return `No to the rest of “${event.group}”: ${event.items.join(', ')}`
    case 'fact-told':
      return `History question “${event.fact}”: ${event.answer}`
    case 'consent-given':
      return `Consent given, ${event.form}`
    case 'consent-withdrawn':
      return 'Consent withdrawn'
    case 'consent-renewed':
      return `Consent asked again (${event.region}): ${event.answer}, chaperone ${event.chaperone}`
    case 'gate-opened':
      return `Opened “${event.gate}”: ${event.why}`
    case 'finding-overridden':
      return `Another result, ${event.about}: ${event.result}; ${event.why}`
    case 'warning-seen':
      return `Warning sign: ${event.sign}`
    case 'route-ordered':
      return `Order of the tests: ${event.order.join(', ')}`
    case 'schools-chosen':
      return `Schools: ${Object.entries(event.schools)
        .map(([question, school]) => `${question} ${school}`)
        .join(', ')}`
    case 'plan-chosen':
      return `Plan: ${event.mode}`
    case 'undone':
      return 'An entry taken back'
    case 'note-written':
      return `Own words: ${event.text}`
    case 'addendum-written':
      return `Addendum: ${event.text}`
    case 'exam-signed':
      return 'Signature'
    case 'exam-opened':
      return 'Examination opened'
  }
}

function answerWords(answer: Answer): string {
  switch (answer.said) {
    case 'familiar':
      return `${answer.symptom} came on, ${answer.intensity} of 10${at(answer.places)}${answer.onset === undefined ? '' : `, at ${answer.onset}°`}`
    case 'other':
    case 'stretch':
      return `${answer.said === 'other' ? 'something else' : 'stretch only'}${at(answer.places)}${'words' in answer && answer.words ? `: ${answer.words}` : ''}${answer.end === undefined ? '' : `, to ${answer.end}°`}`
    case 'nothing':
      return `nothing${answer.end === undefined ? '' : `, to ${answer.end}°`}`
    case 'observed':
      return answer.choice
    case 'measured':
      return answer.trials.join(', ')
    case 'grid':
      return Object.entries(answer.cells)
        .map(([cell, value]) => `${cell} ${value}`)
        .join(', ')
    default:
      return answer.said.replaceAll('-', ' ')
  }
}

function at(places: readonly Parameters<typeof placeWords>[0][]): string {
  return places.length === 0 ? '' : ` at ${listWords(places.map(placeWords))}`
}
