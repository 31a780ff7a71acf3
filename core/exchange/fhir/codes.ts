import type { CodeableConcept, Coding } from 'fhir/r4'

/** Names of this project; nobody else's codes are claimed where they are not certain. */
const OWN = 'urn:x-dust-lantern'

/** Code systems of this project. */
export const SYSTEMS = {
  test: `${OWN}:test`,
  stage: `${OWN}:stage`,
  variant: `${OWN}:variant`,
  source: `${OWN}:source`,
  rule: `${OWN}:rule`,
  measure: `${OWN}:measure`,
  symptom: `${OWN}:symptom`,
  change: `${OWN}:change`,
  personNumber: `${OWN}:person-number`,
  practitioner: `${OWN}:practitioner`,
  bundle: `${OWN}:bundle`,
  examFile: `${OWN}:exam-file`,
} as const

/** Begins the addresses of resources in a bundle: no server answers there, and none is meant to (RFC 2606). */
export const BASE = 'http://dust-lantern.invalid/fhir'

/** The safety screen, as a questionnaire. */
export const SCREEN_CANONICAL = `${OWN}:questionnaire:safety-screen`

/** Kind of the attached exam file. */
export const EXAM_FILE_TYPE = 'application/json'

const V3 = 'http://terminology.hl7.org/CodeSystem'

/** Interpretations that are certain: v3 ObservationInterpretation. */
export const INTERPRETATIONS: Readonly<Record<'positive' | 'negative' | 'inconclusive', Coding>> = {
  positive: { system: `${V3}/v3-ObservationInterpretation`, code: 'POS', display: 'Positive' },
  negative: { system: `${V3}/v3-ObservationInterpretation`, code: 'NEG', display: 'Negative' },
  inconclusive: { system: `${V3}/v3-ObservationInterpretation`, code: 'IND', display: 'Indeterminate' },
}

export const AMBULATORY: Coding = { system: `${V3}/v3-ActCode`, code: 'AMB', display: 'ambulatory' }
export const EXAM_CATEGORY: CodeableConcept = { coding: [{ system: `${V3}/observation-category`, code: 'exam', display: 'Exam' }] }
export const NOT_PERFORMED: CodeableConcept = { coding: [{ system: `${V3}/data-absent-reason`, code: 'not-performed', display: 'Not Performed' }] }
export const NOT_ASKED: CodeableConcept = { coding: [{ system: `${V3}/data-absent-reason`, code: 'not-asked', display: 'Not Asked' }] }
export const AUTHOR: CodeableConcept = { coding: [{ system: `${V3}/provenance-participant-type`, code: 'author', display: 'Author' }] }
export const UCUM = 'http://unitsofmeasure.org'
