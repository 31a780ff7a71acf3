import type {
  Bundle,
  ClinicalImpression,
  CodeableConcept,
  DocumentReference,
  Encounter,
  EpisodeOfCare,
  FhirResource,
  Observation,
  ObservationComponent,
  Patient,
  Practitioner,
  Procedure,
  Provenance,
  QuestionnaireResponse,
  Reference,
  ServiceRequest,
} from 'fhir/r4'
import type { Assessment } from '../../assess'
import { testById } from '../../catalogue'
import { EDITION } from '../../edition'
import { noteOf } from '../../note/note'
import { STATEMENT, UNCHECKED } from '../../note/statement'
import { TREATMENT_WORDS, treatmentWords } from '../../note/treatment-words'
import { composedId } from '../../record/compose'
import type { ExamEvent } from '../../record/event'
import type { FrozenFinding } from '../../record/frozen'
import { askedItems, SCREEN } from '../../story/screen'
import { isPlace, placeWords } from '../../vocabulary/body-area'
import { editionWords } from '../../vocabulary/edition'
import { printable } from '../../vocabulary/printable'
import { iso } from '../csv/tables'
import type { ExamFile } from '../exam-file/file'
import type { ExportedPerson } from '../person'
import { type Measure, measuresOf, type NotDone, notDoneIn, toldBy } from '../told'
import { AMBULATORY, AUTHOR, BASE, EXAM_CATEGORY, EXAM_FILE_TYPE, INTERPRETATIONS, NOT_ASKED, NOT_PERFORMED, SCREEN_CANONICAL, SYSTEMS, UCUM } from './codes'

/** Everything a bundle is made of. */
export interface FhirSource {
  readonly person: ExportedPerson
  readonly assessment: Assessment
  readonly events: readonly ExamEvent[]
  /** Attached whole, so that nothing is lost on the way back. */
  readonly file: ExamFile
  /** When it began, and when this is written; milliseconds since 1970. */
  readonly at: number
  readonly now: number
  /** Names of practitioners by their ids; who is not in it is named by the id. */
  readonly names: Readonly<Record<string, string>>
  /** Text of base64 of the attached file: the core knows no encoder of its own. */
  readonly encode: (text: string) => string
}

/**
 * One examination as a FHIR R4 collection.
 *
 * Codes are this project's own under {@link SYSTEMS}, standard codes only where they are certain. Estimates stand as words in the impression,
 * with no extension. Numbers of resources follow from the record, so that the same examination gives the same bundle.
 */
export function toFhir(source: FhirSource): Bundle {
  const refs = references(source)
  const resources: readonly FhirResource[] = [
    patient(source, refs),
    ...practitioners(source, refs),
    episode(source, refs),
    encounter(source, refs),
    screen(source, refs),
    ...symptoms(source, refs),
    ...findings(source, refs),
    ...notDone(source, refs),
    ...treatments(source, refs),
    impression(source, refs),
    ...letters(source, refs),
    document(source, refs),
    provenance(source, refs),
  ]
  return {
    resourceType: 'Bundle',
    id: refs.id('bundle'),
    identifier: { system: SYSTEMS.bundle, value: source.assessment.exam.id },
    type: 'collection',
    timestamp: iso(source.now),
    entry: resources.map((resource) => ({ fullUrl: `${BASE}/${resource.resourceType}/${resource.id ?? ''}`, resource })),
  }
}

/** Numbers of resources and references to them. */
interface Refs {
  readonly id: (name: string) => string
  readonly to: (kind: FhirResource['resourceType'], name: string) => Reference
}

function references({ assessment: { exam } }: FhirSource): Refs {
  const known: Readonly<Record<string, string>> = { patient: exam.personId, encounter: exam.id }
  const id = (name: string) => known[name] ?? composedId(exam.openedAt, `${exam.id} ${name}`, 1)
  return { id, to: (kind, name) => ({ reference: `${kind}/${id(name)}` }) }
}

const text = (words: string): CodeableConcept => ({ text: shown(words) })
const own = (system: string, code: string, display: string): CodeableConcept => ({ coding: [{ system, code, display: shown(display) }], text: shown(display) })

/** FHIR strings are never empty and hold no control characters. */
function shown(words: string): string {
  return printable(words).trim() || 'not recorded'
}

function patient({ person }: FhirSource, refs: Refs): Patient {
  return {
    resourceType: 'Patient',
    id: refs.id('patient'),
    ...(person.number !== null && { identifier: [{ system: SYSTEMS.personNumber, value: String(person.number) }] }),
    name: [{ text: shown(person.name) }],
    ...(person.born && { birthDate: person.born }),
  }
}

function practitioners({ events, names }: FhirSource, refs: Refs): readonly Practitioner[] {
  return [...new Set(events.map((e) => e.by))].map((by) => ({
    resourceType: 'Practitioner',
    id: refs.id(`practitioner ${by}`),
    identifier: [{ system: SYSTEMS.practitioner, value: shown(by) }],
    name: [{ text: shown(names[by] ?? by) }],
  }))
}

function episode({ assessment: { exam } }: FhirSource, refs: Refs): EpisodeOfCare {
  return {
    resourceType: 'EpisodeOfCare',
    id: refs.id('episode'),
    identifier: [{ system: SYSTEMS.bundle, value: exam.episode?.episode ?? exam.id }],
    status: 'active',
    patient: refs.to('Patient', 'patient'),
  }
}

function encounter({ assessment: { exam }, events, at }: FhirSource, refs: Refs): Encounter {
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
    ...(exam.symptoms.length > 0 && { reasonCode: exam.symptoms.map((s) => text(`${s.id}: ${s.words || 'no words recorded'}`)) }),
  }
}

function screen({ assessment: { exam }, at }: FhirSource, refs: Refs): QuestionnaireResponse {
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

function symptoms({ assessment: { exam }, at }: FhirSource, refs: Refs): readonly Observation[] {
  return exam.symptoms.map((s) => ({
    resourceType: 'Observation',
    id: refs.id(`symptom ${s.id}`),
    status: 'final',
    category: [EXAM_CATEGORY],
    code: own(SYSTEMS.symptom, s.id, `${s.id}: ${s.words || 'no words recorded'}`),
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    effectiveDateTime: iso(at),
    ...(s.places.length > 0 && { bodySite: text(s.places.map(placeWords).join(', ')) }),
    ...(s.now === null ? { dataAbsentReason: NOT_ASKED } : { valueQuantity: { value: s.now, unit: 'of 10', system: UCUM, code: '{score}' } }),
    ...(s.qualities.length > 0 && { note: [{ text: s.qualities.join(', ') }] }),
  }))
}

function findings({ assessment }: FhirSource, refs: Refs): readonly Observation[] {
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
      valueCodeableConcept: text(result),
      ...(known && { interpretation: [{ coding: [known] }] }),
      bodySite: text(siteOf(finding)),
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

const WHY_NOT: Readonly<Record<NotDone['as'], string>> = {
  'left-out': 'Left out',
  withheld: 'Withheld for safety',
  open: 'Planned and not done',
}

function notDone({ assessment }: FhirSource, refs: Refs): readonly Observation[] {
  return notDoneIn(assessment).map(({ test, name, side, as, why }, i) => ({
    resourceType: 'Observation',
    id: refs.id(`not done ${i} ${test} ${side}`),
    status: 'final',
    category: [EXAM_CATEGORY],
    code: own(SYSTEMS.test, test, name),
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    dataAbsentReason: NOT_PERFORMED,
    ...(side !== 'none' && { bodySite: text(side) }),
    note: [{ text: shown(`${WHY_NOT[as]}${why === '' ? '' : `: ${why}`}`) }],
  }))
}

function treatments({ assessment: { exam } }: FhirSource, refs: Refs): readonly Procedure[] {
  return exam.treatments.map((treatment, i) => ({
    resourceType: 'Procedure',
    id: refs.id(`treatment ${i + 1}`),
    status: 'completed',
    code: text(`${TREATMENT_WORDS[treatment.kind]}: ${treatment.words}`),
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    performedDateTime: iso(treatment.at),
    note: [{ text: shown(treatmentWords(treatment)) }],
  }))
}

function impression({ assessment, at }: FhirSource, refs: Refs): ClinicalImpression {
  const told = toldBy(assessment)
  const sections = noteOf(assessment, '')
  const lines = (id: string) => sections.find((s) => s.id === id)?.statements.map((s) => shown(s.text)) ?? []
  const moved = told.estimates.filter((e) => e.moved)
  return {
    resourceType: 'ClinicalImpression',
    id: refs.id('impression'),
    status: assessment.exam.signed ? 'completed' : 'in-progress',
    subject: refs.to('Patient', 'patient'),
    encounter: refs.to('Encounter', 'encounter'),
    effectiveDateTime: iso(at),
    assessor: refs.to('Practitioner', `practitioner ${assessment.exam.openedBy}`),
    summary: lines('short').join(' ') || 'Nothing was tested.',
    finding: moved.map((e) => ({
      itemCodeableConcept: own(SYSTEMS.source, e.id, `${e.name}, ${e.side}`),
      basis: shown(
        e.contradiction
          ? 'The evidence contradicts itself; no figure leads.'
          : `Estimate ${hundredth(e.estimate ?? e.model)}, pretest ${hundredth(e.prior)}; unverified figures.`,
      ),
    })),
    note: [...lines('rules'), ...lines('sources'), ...lines('level'), ...lines('change'), ...lines('plan'), UNCHECKED, STATEMENT].map((line) => ({
      text: line,
    })),
  }
}

function hundredth(p: number): string {
  return (Math.round(p * 100) / 100).toString()
}

const PRIORITY = { emergency: 'stat', 'same-day': 'asap', urgent: 'urgent', routine: 'routine' } as const

function letters({ assessment: { exam } }: FhirSource, refs: Refs): readonly ServiceRequest[] {
  return exam.papers.flatMap((paper, i): readonly ServiceRequest[] =>
    paper.type === 'letter-written'
      ? [
          {
            resourceType: 'ServiceRequest',
            id: refs.id(`letter ${i + 1}`),
            status: 'active',
            intent: 'order',
            priority: PRIORITY[paper.urgency],
            code: text('Referral'),
            subject: refs.to('Patient', 'patient'),
            encounter: refs.to('Encounter', 'encounter'),
            authoredOn: iso(paper.at),
            requester: refs.to('Practitioner', `practitioner ${paper.by}`),
            ...(paper.to !== '' && { performer: [{ display: shown(paper.to) }] }),
            note: [{ text: shown(paper.text) }],
          },
        ]
      : [],
  )
}

function document({ file, now, encode, assessment }: FhirSource, refs: Refs): DocumentReference {
  return {
    resourceType: 'DocumentReference',
    id: refs.id('exam file'),
    status: 'current',
    type: own(SYSTEMS.examFile, `${file.format}-${file.version}`, 'The whole examination as an exam file'),
    subject: refs.to('Patient', 'patient'),
    date: iso(now),
    content: [{ attachment: { contentType: EXAM_FILE_TYPE, title: `exam-${assessment.exam.id}.json`, data: encode(JSON.stringify(file)) } }],
    context: { encounter: [refs.to('Encounter', 'encounter')] },
  }
}

function provenance({ assessment: { exam }, now }: FhirSource, refs: Refs): Provenance {
  const signed = exam.signed ? `Signed ${iso(exam.signed.at)} by ${exam.signed.by}.` : 'Not signed.'
  return {
    resourceType: 'Provenance',
    id: refs.id('provenance'),
    target: [refs.to('Encounter', 'encounter'), refs.to('ClinicalImpression', 'impression')],
    recorded: iso(now),
    agent: [{ type: AUTHOR, who: refs.to('Practitioner', `practitioner ${exam.signed?.by ?? exam.openedBy}`) }],
    activity: text(`Written by Dust Lantern; recorded with ${editionWords(exam.edition)}, this program reads with ${editionWords(EDITION)}. ${signed}`),
    ...(exam.signed && { occurredDateTime: iso(exam.signed.at) }),
  }
}
