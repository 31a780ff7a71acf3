import { placesWords } from '../findings/place-fits'
import type { ConsentStep, Exam, Symptom } from '../record/exam'
import { FACTS } from '../story/facts'
import { IRRITABILITY_WORDS, irritabilityOf } from '../story/irritability'
import { capital } from '../vocabulary/sentence'
import { type Section, type Statement, say, section } from './section'

const CONSENT: Record<Exam['consent'], string> = {
  'not-asked': 'Consent to testing: not recorded.',
  verbal: 'Consent to testing: given verbally.',
  written: 'Consent to testing: given in writing.',
  withdrawn: 'Consent to testing was withdrawn; testing ended there.',
}

/** Each step of consent, so that a withdrawal stands though it was given again. */
function consentLine({ what, explained }: ConsentStep): string {
  return `${CONSENT[what]}${explained === '' ? '' : ` Explained: “${explained.replace(/[.]?$/, '.')}”`}`
}

/** How consent went, for letters. */
export function consentWords({ consents, consent }: Pick<Exam, 'consents' | 'consent'>): string {
  return consents.length > 0 ? consents.map(consentLine).join(' ') : CONSENT[consent]
}

const STIRRED = { much: 'much provocation', some: 'some provocation', little: 'little provocation' }
const SETTLES = { minutes: 'minutes', 'half-hour': 'up to half an hour', longer: 'longer than half an hour' }
const CONSENTED = { kind: 'consent', id: 'consent' } as const

/** The complaints, in the patient's words and on the chart. */
export function storySection(exam: Exam): Section {
  const told = FACTS.flatMap((fact) => (exam.facts[fact.id] ? [say(`${fact.ask} ${capital(exam.facts[fact.id] ?? '')}.`, { kind: 'fact', id: fact.id })] : []))
  const renewed = exam.renewals.map(({ region, answer, chaperone }) =>
    say(
      `Consent asked again before contact (${region.replace('-', ' ')}): ${answer}; a chaperone was offered and ${chaperone === 'present' ? 'was present' : 'declined'}.`,
      CONSENTED,
    ),
  )
  const course = exam.consents.map((step) => say(consentLine(step), CONSENTED))
  return section('story', [
    ...symptomStatements(exam),
    ...told,
    ...(course.length > 0 ? course : [say(CONSENT[exam.consent])]),
    ...renewed,
    ...exam.corrections.map((c) => say(c.what.replace(/[.]?$/, '.'), { kind: 'correction', id: 'correction' })),
  ])
}

/** Each complaint on one line. */
export function symptomStatements(exam: Pick<Exam, 'symptoms' | 'ratings'>): readonly Statement[] {
  if (exam.symptoms.length === 0) return [say('No symptom recorded.')]
  return exam.symptoms.map((s) => say(symptomLine(s, exam), { kind: 'symptom', id: s.id }))
}

function symptomLine(s: Symptom, { ratings }: Pick<Exam, 'ratings'>): string {
  const later = ratings.filter((r) => r.symptom === s.id).map((r) => r.now)
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
    later.length > 0 && `rated again between tests ${later.join(', ')}`,
  ]
  return `${s.id}: ${parts.filter(Boolean).join('; ')}.`
}
