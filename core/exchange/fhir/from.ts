import * as yup from 'yup'
import type { Issue } from '../exam-file/file'
import { issuesWith } from '../issues'
import { EXAM_FILE_TYPE, SYSTEMS } from './codes'

/** A person as another program names them. */
export interface FhirPerson {
  readonly name: string
  /** YYYY-MM-DD; null where it is absent or not a whole day. */
  readonly born: string | null
  /** Identifiers as they came, "system|value"; they are shown and never taken for ours. */
  readonly identifiers: readonly string[]
}

/** What came in: examinations this product wrote, or people. */
export type ReadFhir =
  | { readonly ok: true; readonly people: readonly FhirPerson[]; readonly files: readonly unknown[] }
  | { readonly ok: false; readonly issues: readonly Issue[] }

const short = yup.string().strict().max(300)
const NAME = yup.object({ use: short, text: short, family: short, given: yup.array().strict().max(20).of(short.defined()) })
const PATIENT = yup.object({
  resourceType: yup.string().strict().oneOf(['Patient']).required(),
  name: yup.array().strict().max(20).of(NAME).min(1).required(),
  birthDate: yup
    .string()
    .strict()
    .matches(/^\d{4}(-\d{2}(-\d{2})?)?$/, 'is no FHIR date'),
  identifier: yup
    .array()
    .strict()
    .max(50)
    .of(yup.object({ system: short, value: short })),
})
const BUNDLE = yup.object({
  resourceType: yup.string().strict().oneOf(['Bundle']).required(),
  entry: yup.array().strict().max(20_000).required(),
})

/** Is this a FHIR resource at all? */
export function isFhir(input: unknown): input is { readonly resourceType: string } {
  return typeof input === 'object' && input !== null && 'resourceType' in input && typeof input.resourceType === 'string'
}

/**
 * Read a FHIR R4 Patient, or a bundle: its patients, and the exam files that this product attached.
 *
 * @param decode - text of base64; null where it is none
 */
export function readFhir(input: unknown, decode: (base64: string) => string | null): ReadFhir {
  if (!isFhir(input)) return { ok: false, issues: [{ pointer: '/resourceType', what: 'is missing' }] }
  if (input.resourceType === 'Patient') return readPatients([{ pointer: '', resource: input }])
  if (input.resourceType !== 'Bundle')
    return { ok: false, issues: [{ pointer: '/resourceType', what: `is ${input.resourceType}; a Patient or a Bundle can be taken` }] }
  const issues = issuesWith(BUNDLE, input)
  if (issues.length > 0) return { ok: false, issues }
  const resources = (input as unknown as { entry: readonly unknown[] }).entry.map((entry, i) => ({
    pointer: `/entry/${i}/resource`,
    resource: typeof entry === 'object' && entry !== null && 'resource' in entry ? entry.resource : null,
  }))
  const attached = resources.flatMap(({ pointer, resource }) => attachedFiles(resource, pointer, decode))
  const torn = attached.flatMap((file) => ('issue' in file ? [file.issue] : []))
  if (torn.length > 0) return { ok: false, issues: torn }
  const patients = resources.filter(({ resource }) => isFhir(resource) && resource.resourceType === 'Patient')
  const people = readPatients(patients)
  if (!people.ok) return people
  if (people.people.length === 0) return { ok: false, issues: [{ pointer: '/entry', what: 'holds no Patient' }] }
  return { ...people, files: attached.flatMap((file) => ('file' in file ? [file.file] : [])) }
}

function readPatients(found: readonly { readonly pointer: string; readonly resource: unknown }[]): ReadFhir {
  const issues = found.flatMap(({ pointer, resource }) => issuesWith(PATIENT, resource).map((i) => ({ ...i, pointer: `${pointer}${i.pointer}` })))
  if (issues.length > 0) return { ok: false, issues }
  const people = found.map(({ resource }) => personOf(resource as yup.InferType<typeof PATIENT>))
  const nameless = people.findIndex((p) => p.name === '')
  if (nameless !== -1) return { ok: false, issues: [{ pointer: `${found[nameless]?.pointer ?? ''}/name`, what: 'names nobody' }] }
  return { ok: true, people, files: [] }
}

function personOf({ name, birthDate, identifier }: yup.InferType<typeof PATIENT>): FhirPerson {
  const chosen = name.find((n) => n.use === 'official') ?? name[0]
  const written = chosen?.text ?? [...(chosen?.given ?? []), chosen?.family ?? ''].filter(Boolean).join(' ')
  return {
    name: written.trim(),
    born: birthDate?.length === 10 ? birthDate : null,
    identifiers: (identifier ?? []).map(({ system, value }) => `${system ?? ''}|${value ?? ''}`),
  }
}

type Attached = { readonly file: unknown } | { readonly issue: Issue }

/** Exam files that are attached to a DocumentReference of ours. */
function attachedFiles(resource: unknown, pointer: string, decode: (base64: string) => string | null): readonly Attached[] {
  if (!isFhir(resource) || resource.resourceType !== 'DocumentReference') return []
  const codings = listIn(fieldOf(fieldOf(resource, 'type'), 'coding'))
  if (!codings.some((coding) => fieldOf(coding, 'system') === SYSTEMS.examFile)) return []
  return listIn(fieldOf(resource, 'content')).flatMap((one, i): readonly Attached[] => {
    const attachment = fieldOf(one, 'attachment')
    const data = fieldOf(attachment, 'data')
    if (fieldOf(attachment, 'contentType') !== EXAM_FILE_TYPE || typeof data !== 'string') return []
    const text = decode(data)
    try {
      if (text === null) throw new SyntaxError('no base64')
      return [{ file: JSON.parse(text) as unknown }]
    } catch {
      return [{ issue: { pointer: `${pointer}/content/${i}/attachment/data`, what: 'is no exam file' } }]
    }
  })
}

function fieldOf(value: unknown, name: string): unknown {
  return typeof value === 'object' && value !== null && Object.hasOwn(value, name) ? (value as Readonly<Record<string, unknown>>)[name] : undefined
}

function listIn(value: unknown): readonly unknown[] {
  return Array.isArray(value) ? (value as readonly unknown[]) : []
}
