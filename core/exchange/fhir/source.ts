import type { CodeableConcept, FhirResource, Reference } from 'fhir/r4'
import type { Assessment } from '../../assess'
import { composedId } from '../../record/compose'
import { episodeOf } from '../../record/episode-of'
import type { ExamEvent } from '../../record/event'
import { printable } from '../../vocabulary/printable'
import type { ExamFile } from '../exam-file/file'
import type { ExportedPerson } from '../person'

/** Everything a bundle is made of. */
export interface FhirSource {
  readonly person: ExportedPerson
  readonly assessment: Assessment
  readonly events: readonly ExamEvent[]
  /** Attached whole, so that nothing is lost on the way back. */
  readonly file: ExamFile
  /** Is the episode of care open? Said beside the examinations, so it comes with them. */
  readonly episodeOpen: boolean
  /** When it began, and when this is written; milliseconds since 1970. */
  readonly at: number
  readonly now: number
  /** Names of practitioners by their ids; who is not in it is named by the id. */
  readonly names: Readonly<Record<string, string>>
  /** Text of base64 of the attached file: the core knows no encoder of its own. */
  readonly encode: (text: string) => string
}

/** Numbers of resources and references to them. */
export interface Refs {
  readonly id: (name: string) => string
  readonly to: (kind: FhirResource['resourceType'], name: string) => Reference
}

/**
 * Numbers follow from the record. Who examined, and the episode, have the same number in every examination they stand in, so that a bundle
 * of several visits holds them once.
 */
export function references({ assessment: { exam } }: FhirSource): Refs {
  const known: Readonly<Record<string, string>> = { patient: exam.personId, encounter: exam.id, episode: composedId(0, `episode ${episodeOf(exam)}`, 1) }
  const id = (name: string) => known[name] ?? (name.startsWith('practitioner ') ? composedId(0, name, 1) : composedId(exam.openedAt, `${exam.id} ${name}`, 1))
  return { id, to: (kind, name) => ({ reference: `${kind}/${id(name)}` }) }
}

/** Words that no code stands for. */
export function worded(words: string): CodeableConcept {
  return { text: shown(words) }
}

/** A code of our own, which says in words what it means. */
export function own(system: string, code: string, display: string): CodeableConcept {
  return { coding: [{ system, code, display: shown(display) }], text: shown(display) }
}

/** FHIR strings are never empty and hold no control characters. */
export function shown(words: string): string {
  return printable(words).trim() || 'not recorded'
}
