import { FORMAT } from './exam-file/file'
import { isFhir, type FhirPerson, readFhir } from './fhir/from'
import type { Issue } from './exam-file/file'

/** Files of an archive that are brought in again; the others tell the same for people and other programs. */
export function isExamFile(name: string): boolean {
  return /(^|\/)exam\.json$/.test(name)
}

/** What a file that is brought in holds. */
export type Part =
  /** An exam file, still to be read. */
  | { readonly kind: 'exam'; readonly where: string; readonly content: unknown }
  /** A person of another program. */
  | { readonly kind: 'person'; readonly where: string; readonly person: FhirPerson }
  /** Something in it that cannot be taken. */
  | { readonly kind: 'wrong'; readonly where: string; readonly issue: Issue }

/**
 * The examinations and people in the content of one file: an exam file, everything of a person, or FHIR.
 *
 * Where this product's own examinations are attached to FHIR, they are taken and the Patient beside them is theirs.
 *
 * @param decode - text of base64; null where it is none
 */
export function partsOf(content: unknown, decode: (base64: string) => string | null): readonly Part[] {
  if (isFhir(content)) {
    const read = readFhir(content, decode)
    if (!read.ok) return read.issues.map((issue) => ({ kind: 'wrong', where: '', issue }))
    if (read.files.length > 0) return read.files.map((file, i) => ({ kind: 'exam', where: `attached file ${i + 1}`, content: file }))
    return read.people.map((person, i) => ({ kind: 'person', where: `Patient ${i + 1}`, person }))
  }
  if (typeof content !== 'object' || content === null) return [{ kind: 'wrong', where: '', issue: { pointer: '', what: 'is not an object' } }]
  if ('format' in content && content.format === 'dust-lantern-person') {
    const { exams } = content as { exams?: unknown }
    if (!Array.isArray(exams)) return [{ kind: 'wrong', where: '', issue: { pointer: '/exams', what: 'is missing' } }]
    return exams.map((exam: unknown, i): Part => {
      const file = typeof exam === 'object' && exam !== null && 'file' in exam ? exam.file : null
      const where = `examination ${i + 1}`
      return file === null
        ? { kind: 'wrong', where, issue: { pointer: `/exams/${i}/file`, what: 'is not in this file' } }
        : { kind: 'exam', where, content: file }
    })
  }
  if ('format' in content && content.format !== FORMAT)
    return [{ kind: 'wrong', where: '', issue: { pointer: '/format', what: 'is no format that can be imported' } }]
  return [{ kind: 'exam', where: '', content }]
}
