import type { ClinicalImpression, DocumentReference, Provenance, ServiceRequest } from 'fhir/r4'
import { EDITION } from '../../edition'
import { noteOf } from '../../note/note'
import { STATEMENT, UNCHECKED } from '../../note/statement'
import { editionWords } from '../../vocabulary/edition'
import { iso } from '../csv/tables'
import { toldBy } from '../told'
import { AUTHOR, EXAM_FILE_TYPE, SYSTEMS } from './codes'
import { type FhirSource, own, type Refs, shown, worded } from './source'

/** What was concluded; estimates stand in words, with no extension. */
export function impression({ assessment, at }: FhirSource, refs: Refs): ClinicalImpression {
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

/** Each referral letter, word for word. */
export function letters({ assessment: { exam } }: FhirSource, refs: Refs): readonly ServiceRequest[] {
  return exam.papers.flatMap((paper, i): readonly ServiceRequest[] =>
    paper.type === 'letter-written'
      ? [
          {
            resourceType: 'ServiceRequest',
            id: refs.id(`letter ${i + 1}`),
            status: 'active',
            intent: 'order',
            priority: PRIORITY[paper.urgency],
            code: worded('Referral'),
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

/** The exam file, whole, so that nothing is lost on the way back. */
export function document({ file, now, encode, assessment }: FhirSource, refs: Refs): DocumentReference {
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

/** Who wrote it, with which edition. */
export function provenance({ assessment: { exam }, now }: FhirSource, refs: Refs): Provenance {
  const signed = exam.signed ? `Signed ${iso(exam.signed.at)} by ${exam.signed.by}.` : 'Not signed.'
  return {
    resourceType: 'Provenance',
    id: refs.id('provenance'),
    target: [refs.to('Encounter', 'encounter'), refs.to('ClinicalImpression', 'impression')],
    recorded: iso(now),
    agent: [{ type: AUTHOR, who: refs.to('Practitioner', `practitioner ${exam.signed?.by ?? exam.openedBy}`) }],
    activity: worded(`Written by Dust Lantern; recorded with ${editionWords(exam.edition)}, this program reads with ${editionWords(EDITION)}. ${signed}`),
    ...(exam.signed && { occurredDateTime: iso(exam.signed.at) }),
  }
}
