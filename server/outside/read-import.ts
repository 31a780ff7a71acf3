import type { ExamFile, Issue } from '../../core/exchange/exam-file/file'
import { readExamFile } from '../../core/exchange/exam-file/from'
import { isFhir } from '../../core/exchange/fhir/from'
import { differencesOf, MOST_DIFFERENCES } from '../../core/exchange/compare-frozen'
import { recomputed } from '../../core/exchange/recompute'
import { examFrom } from '../../core/record/exam'
import { isPlausibleBirth, isPlausibleMoment } from '../../core/vocabulary/moment'
import { canonical, sha256 } from '../../db/chain'

/** A file that was read as far as it can be without the clinic, or why it is none. */
export type ReadImport =
  | { readonly as: 'exam'; readonly file: ExamFile /** SHA-256 of what was read. */; readonly hash: string }
  | { readonly as: 'case' | 'fhir' | 'not-json' | 'unshowable' }
  | { readonly as: 'wrong'; readonly issues: readonly Issue[] }
  /** A signature in it that is not what its own record gives. */
  | { readonly as: 'forged'; readonly words: readonly string[]; readonly more: number }

/** The characters that break screens and files; line breaks and tabs do not. */
const CONTROLS = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/

class Unshowable extends Error {}

/**
 * Read a file that is to be imported: its text, its shape, the order of its events, its times, and whether the signatures in it are what
 * its own record gives. A signature of an edition that cannot be computed here stays a claim of the file, like any other.
 *
 * @param now - milliseconds since 1970
 */
export function readImport(text: string, now: number): ReadImport {
  const content = parsed(text)
  return content instanceof Unreadable ? { as: content.why } : readContent(content, now)
}

/** The same from what a file holds, where it was taken out of something else. */
export function readContent(content: unknown, now: number): ReadImport {
  if (isFhir(content)) return { as: 'fhir' }
  const read = readExamFile(content)
  if (!read.ok) return { as: 'wrong', issues: read.issues }
  if (read.kind === 'case') return { as: 'case' }
  const { file } = read
  const wrong = timeIssue(file, now)
  if (wrong) return { as: 'wrong', issues: [wrong] }
  const forged = signatureDifferences(file)
  if (forged.length > 0) return { as: 'forged', words: forged.slice(0, MOST_DIFFERENCES), more: Math.max(0, forged.length - MOST_DIFFERENCES) }
  return { as: 'exam', file, hash: sha256(canonical(content)) }
}

class Unreadable {
  constructor(readonly why: 'not-json' | 'unshowable') {}
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text, (_, part: unknown) => {
      if (typeof part === 'string' && CONTROLS.test(part)) throw new Unshowable()
      return part
    })
  } catch (error) {
    return new Unreadable(error instanceof Unshowable ? 'unshowable' : 'not-json')
  }
}

/** The first time in the file that cannot be, and where it stands. */
function timeIssue(file: ExamFile, now: number): Issue | null {
  if (!isPlausibleMoment(file.exam.at, now)) return { pointer: '/exam/at', what: 'is no time between 1900 and tomorrow' }
  const { born } = file.person
  if (born !== null && born !== '' && !isPlausibleBirth(born, now)) return { pointer: '/person/born', what: 'is no day between 1900 and today' }
  const at = file.events.findIndex((event) => !isPlausibleMoment(event.at, now))
  return at === -1 ? null : { pointer: `/events/${at}/at`, what: 'is no time between 1900 and tomorrow' }
}

/** What a signature in the file says that its own record does not give, read with what the file says its clinic knew. */
function signatureDifferences({ events, clinic }: ExamFile): readonly string[] {
  return events.flatMap((event, i) => {
    if (event.type !== 'exam-signed' || !event.frozen) return []
    const exam = examFrom(events.slice(0, i))
    const ours = exam && recomputed(exam, event.frozen.edition, { clinic, intervals: false })
    return ours ? differencesOf(event.frozen, ours, { intervals: false }).map((difference) => difference.words) : []
  })
}
