import { placesWords } from '../findings/place-fits'
import type { Exam, Symptom } from '../record/exam'
import { FACTS } from '../story/facts'
import { IRRITABILITY_WORDS, irritabilityOf } from '../story/irritability'
import { capital } from '../vocabulary/sentence'
import type { Paragraph } from './paragraph'

const CONSENT: Record<Exam['consent'], string> = {
  'not-asked': 'Consent to testing: not recorded.',
  verbal: 'Consent to testing: given verbally.',
  written: 'Consent to testing: given in writing.',
  withdrawn: 'Consent to testing was withdrawn; testing ended there.',
}

const STIRRED = { much: 'much provocation', some: 'some provocation', little: 'little provocation' }
const SETTLES = { minutes: 'minutes', 'half-hour': 'up to half an hour', longer: 'longer than half an hour' }

/** The complaints, in the patient's words and on the chart. */
export function storyParagraph(exam: Exam): Paragraph {
  const told = FACTS.flatMap((fact) => (exam.facts[fact.id] ? [`${fact.ask} ${capital(exam.facts[fact.id] ?? '')}.`] : []))
  const renewed = Object.entries(exam.renewed).map(([region, answer]) => `Consent asked again before contact (${region.replace('-', ' ')}): ${answer}.`)
  const symptoms = exam.symptoms.length === 0 ? ['No symptom recorded.'] : exam.symptoms.map(symptomLine)
  return { heading: 'Story', lines: [...symptoms, ...told, CONSENT[exam.consent], ...renewed] }
}

function symptomLine(s: Symptom): string {
  const parts = [
    s.words ? `“${s.words}”` : 'no words recorded',
    s.places.length > 0 ? placesWords(s.places) : 'no place marked',
    s.qualities.join(', '),
    s.now === null ? 'intensity now not asked' : `${s.now} of 10 now`,
    s.worst !== null && `${s.worst} at its worst`,
    s.usual !== null && `${s.usual} usually`,
    s.bringsOn && `brought on by ${s.bringsOn}`,
    s.eases && `eased by ${s.eases}`,
    s.stirring?.stirredBy && `stirred up by ${STIRRED[s.stirring.stirredBy]}`,
    s.stirring?.settles && `settles in ${SETTLES[s.stirring.settles]}`,
    irritabilityOf(s) !== 'unknown' && `irritability ${IRRITABILITY_WORDS[irritabilityOf(s)]}`,
  ]
  return `${s.id}: ${parts.filter(Boolean).join('; ')}.`
}
