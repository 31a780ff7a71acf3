import type { Encounter, EpisodeOfCare, Observation, Patient, Practitioner, QuestionnaireResponse } from 'fhir/r4'
import { episodeOf } from '../../record/episode-of'
import { askedItems, SCREEN } from '../../story/screen'
import { placeWords } from '../../vocabulary/body-area'
import { iso } from '../csv/tables'
import { AMBULATORY, EXAM_CATEGORY, NOT_ASKED, SCREEN_CANONICAL, SYSTEMS, UCUM } from './codes'
import { type FhirSource, own, type Refs, shown, worded } from './source'

/** Whose it is. */
export function patient({ person }: FhirSource, refs: Refs): Patient {
  return {
    resourceType: 'Patient',
    id: refs.id('patient'),
    ...(person.number !== null && { identifier: [{ system: SYSTEMS.personNumber, value: String(person.number) }] }),
    name: [{ text: shown(person.name) }],
    ...(person.born && { birthDate: person.born }),
  }
}

/** Everybody who recorded in it. */
export function practitioners({ events, names }: FhirSource, refs: Refs): readonly Practitioner[] {
  return [...new Set(events.map((e) => e.by))].map((by) => ({
    resourceType: 'Practitioner',
    id: refs.id(`practitioner ${by}`),
    identifier: [{ system: SYSTEMS.practitioner, value: shown(by) }],
    name: [{ text: shown(names[by] ?? by) }],
  }))
}

/** The episode of care, active until it was closed. */
export function episode({ assessment: { exam }, episodeOpen }: FhirSource, refs: Refs): EpisodeOfCare {
  return {
    resourceType: 'EpisodeOfCare',
    id: refs.id('episode'),
    identifier: [{ system: SYSTEMS.bundle, value: episodeOf(exam) }],
    status: episodeOpen ? 'active' : 'finished',
    patient: refs.to('Patient', 'patient'),
  }
}

/** The visit. */
export function encounter({ assessment: { exam }, events, at }: FhirSource, refs: Refs): Encounter {
  const last = Math.max(at, ...events.map((e) => e.at))
  return {
    resourceType: 'Encounter',
    id: refs.id('encounter'),
    status: exam.signed ? 'finished' : 'in-progress',
    class: AMBULATORY,
    subject: refs.to('Patient', 'patient'),
    episodeOfCare: [refs.to('EpisodeOfCare', 'episode')],
    participant: [{ individual: refs.to('Practitioner', `practitioner ${exam.openedBy}`) }],
    period: { start: iso(at), ...(exam.signed && { end: iso(last) }) },
    ...(exam.symptoms.length > 0 && { reasonCode: exam.symptoms.map((s) => worded(`${s.id}: ${s.words || 'no words recorded'}`)) }),
  }
}

/** The safety screen; what was not asked has no answer. */
export function screen({ assessment: { exam }, at }: FhirSource, refs: Refs): QuestionnaireResponse {
  const asked = new Set(askedItems(exam.screen).map((item) => item.id))
  const items = SCREEN.map((group) => ({
    linkId: group.id,
    text: group.name,
    item: group.items
      .filter((item) => asked.has(item.id) || exam.screen[item.id] !== undefined)
      .map((item) => ({
        linkId: item.id,
        text: item.ask,
        ...(exam.screen[item.id] !== undefined && { answer: [{ valueBoolean: exam.screen[item.id] === 'yes' }] }),
      })),
  }))
  const whole = [...asked].every((id) => exam.screen[id] !== undefined)
  return {
    resourceType: 'QuestionnaireResponse',
    id: refs.id('screen'),
    questionnaire: SCREEN_CANONICAL,
    status: whole ? 'completed' : 'in-progress',
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    authored: iso(at),
    author: refs.to('Practitioner', `practitioner ${exam.openedBy}`),
    item: items.filter((group) => group.item.length > 0),
  }
}

/** Each complaint in the words of the person. */
export function symptoms({ assessment: { exam }, at }: FhirSource, refs: Refs): readonly Observation[] {
  return exam.symptoms.map((s) => ({
    resourceType: 'Observation',
    id: refs.id(`symptom ${s.id}`),
    status: 'final',
    category: [EXAM_CATEGORY],
    code: own(SYSTEMS.symptom, s.id, `${s.id}: ${s.words || 'no words recorded'}`),
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    effectiveDateTime: iso(at),
    ...(s.places.length > 0 && { bodySite: worded(s.places.map(placeWords).join(', ')) }),
    ...(s.now === null ? { dataAbsentReason: NOT_ASKED } : { valueQuantity: { value: s.now, unit: 'of 10', system: UCUM, code: '{score}' } }),
    ...(s.qualities.length > 0 && { note: [{ text: s.qualities.join(', ') }] }),
  }))
}
