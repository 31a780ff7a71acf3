import type { Observation, ObservationComponent, Procedure } from 'fhir/r4'
import { testById } from '../../catalogue'
import { TREATMENT_WORDS, treatmentWords } from '../../note/treatment-words'
import type { FrozenFinding, FrozenNotDone } from '../../record/frozen'
import { isPlace, placeWords } from '../../vocabulary/body-area'
import { iso } from '../csv/tables'
import { type Measure, measuresOf, notDoneIn, toldBy } from '../told'
import { EXAM_CATEGORY, INTERPRETATIONS, NOT_PERFORMED, SYSTEMS, UCUM } from './codes'
import { type FhirSource, own, type Refs, shown, worded } from './source'

/** Each finding, with what was measured as its components. */
export function findings({ assessment }: FhirSource, refs: Refs): readonly Observation[] {
  return toldBy(assessment).findings.map((finding) => {
    const { test, name, side, about, variant, run: id, result, why, checks, derived } = finding
    const run = assessment.exam.runs.find((r) => r.id === id)
    const technique = testById(test)?.variants.find((v) => v.id === variant)?.name ?? variant
    const notes = [why, ...checks, ...(derived ? [`Derived from what was observed: ${derived.result}. ${derived.why}`] : [])].filter(Boolean)
    const known = result === 'not-applicable' ? null : INTERPRETATIONS[result]
    return {
      resourceType: 'Observation',
      id: refs.id(`finding ${id} ${side} ${about}`),
      status: 'final',
      category: [EXAM_CATEGORY],
      code: own(SYSTEMS.test, test, name),
      subject: refs.to('Patient', 'patient'),
      encounter: refs.to('Encounter', 'encounter'),
      ...(run && { effectiveDateTime: iso(run.startedAt) }),
      performer: [refs.to('Practitioner', `practitioner ${assessment.exam.openedBy}`)],
      valueCodeableConcept: worded(result),
      ...(known && { interpretation: [{ coding: [known] }] }),
      bodySite: worded(siteOf(finding)),
      ...(variant !== '' && { method: own(SYSTEMS.variant, variant, technique || variant) }),
      ...(notes.length > 0 && { note: notes.map((n) => ({ text: shown(n) })) }),
      ...(run && measuresOf(run).length > 0 && { component: measuresOf(run).map(component) }),
    }
  })
}

/** The tested side, what it speaks about where that is another, and where it was felt. */
function siteOf({ side, about, places }: FrozenFinding): string {
  const felt = places.filter(isPlace).map(placeWords)
  return `${side}${about === side ? '' : `, for the ${about}`}${felt.length > 0 ? `: ${felt.join(', ')}` : ''}`
}

function component({ measure, which, stage, stageName, value, words, unit, from }: Measure): ObservationComponent {
  const name = `${stageName}: ${measure}${which === '' ? '' : ` (${which})`}${from === 'hand' ? '' : from === 'picture' ? ', from a picture' : ', from a simulated device'}`
  return {
    code: {
      coding: [
        { system: SYSTEMS.measure, code: measure },
        { system: SYSTEMS.stage, code: stage },
      ],
      text: shown(name),
    },
    ...(value === null ? { valueString: shown(words) } : { valueQuantity: { value, ...(unit !== '' && { unit, system: UCUM, code: unit }) } }),
  }
}

const WHY_NOT: Readonly<Record<FrozenNotDone['as'], string>> = {
  'left-out': 'Left out',
  withheld: 'Withheld for safety',
  open: 'Planned and not done',
}

/** Each test that was left out, withheld or is open: absent, with the reason. */
export function notDone({ assessment }: FhirSource, refs: Refs): readonly Observation[] {
  return notDoneIn(assessment).map(({ test, name, side, as, why }, i) => ({
    resourceType: 'Observation',
    id: refs.id(`not done ${i} ${test} ${side}`),
    status: 'final',
    category: [EXAM_CATEGORY],
    code: own(SYSTEMS.test, test, name),
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    dataAbsentReason: NOT_PERFORMED,
    ...(side !== 'none' && { bodySite: worded(side) }),
    note: [{ text: shown(`${WHY_NOT[as]}${why === '' ? '' : `: ${why}`}`) }],
  }))
}

/** What was done to the person. */
export function treatments({ assessment: { exam } }: FhirSource, refs: Refs): readonly Procedure[] {
  return exam.treatments.map((treatment, i) => ({
    resourceType: 'Procedure',
    id: refs.id(`treatment ${i + 1}`),
    status: 'completed',
    code: worded(`${TREATMENT_WORDS[treatment.kind]}: ${treatment.words}`),
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    performedDateTime: iso(treatment.at),
    note: [{ text: shown(treatmentWords(treatment)) }],
  }))
}
