import type { Bundle, FhirResource } from 'fhir/r4'
import { iso } from '../csv/tables'
import { BASE, SYSTEMS } from './codes'
import { findings, notDone, treatments } from './findings'
import { document, impression, letters, provenance } from './papers'
import { type FhirSource, references } from './source'
import { encounter, episode, patient, practitioners, screen, symptoms } from './story'

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
