import { v7 } from 'uuid'
import type { ExamFile } from '../../core/exchange/exam-file/file'
import { readExamFile } from '../../core/exchange/exam-file/from'
import { newPersonShape } from '../../core/vocabulary/new-person'
import { isPlausibleBirth, isPlausibleMoment } from '../../core/vocabulary/moment'
import type { Problem } from '../../core/vocabulary/problem'
import type { Named } from '../../core/vocabulary/same-person'
import { canonical } from '../../db/chain'
import type { Db } from '../../db/open'
import { recordOf } from '../../db/queries/ledger'
import { openExam } from '../../db/queries/open-exam'
import { addPerson, peopleLike, type Person, personById } from '../../db/queries/people'
import { contentHash } from '../../db/sealing'

export const KEPT = 'Nothing was imported; everything here is as it was.'

/** People who may be the one in the file; more are no help to choose from. */
const MOST_ALIKE = 6

/** Somebody who is here and may be the one in the file, and by what. */
export interface Alike {
  readonly id: string
  readonly number: number
  readonly name: string
  readonly born: string | null
  readonly why: string
}

/** Whose it is: asked about, somebody new, this person, or whoever is the same by name and day of birth where there is exactly one. */
export type Whose = { readonly ask: true } | { readonly new: true } | { readonly person: string } | { readonly same: true }

/** Whose it is, as an address says it: an id, `new`, `same`; nothing asks. */
export function whoseOf(answer: string | null): Whose {
  if (answer === null) return { ask: true }
  if (answer === 'new') return { new: true }
  return answer === 'same' ? { same: true } : { person: answer }
}

/** What became of a file. */
export type TakenIn =
  | { readonly as: 'taken' | 'known'; readonly examId: string | null; readonly personId: string }
  | { readonly as: 'asked'; readonly named: Named; readonly people: readonly Alike[] }
  | { readonly as: 'refused'; readonly status: 409 | 422; readonly problem: Problem }

/** Who brings it in, and when. */
export interface TakenBy {
  readonly by: string
  readonly now: number
}

const refused = (what: string, todo: string, status: 409 | 422 = 422): TakenIn => ({ as: 'refused', status, problem: { what, kept: KEPT, do: todo } })

/**
 * Take in an examination file: all of it or nothing.
 *
 * Nobody is joined to anybody without being asked. What is imported is an examination of its own, marked for ever with who imported it and
 * when: authors, times and a signature in it are what the file says. The same file again changes nothing, and an examination that is here is
 * never added to.
 */
export function takeInExam(db: Db, content: unknown, whose: Whose, { by, now }: TakenBy): TakenIn {
  const read = readExamFile(content)
  if (!read.ok) {
    const [first, ...more] = read.issues
    const rest = more.length > 0 ? ` And ${more.length} more.` : ''
    return refused(
      `The file cannot be read: ${first?.pointer ?? ''} ${first?.what ?? ''}.${rest}`,
      'Check the file against the published schema, or save it again where it came from.',
    )
  }
  if (read.kind === 'case') return refused('This is a published case: results without an examination.', 'Replay it with the evaluate command instead.')
  const { file } = read
  const opening = file.events[0]
  if (opening?.type !== 'exam-opened') return refused('The file opens no examination.', 'Save it again where it came from.')
  const wrong = timeIssue(file, now)
  if (wrong) return refused(`The file cannot be read: ${wrong}.`, 'Correct the time where it came from, and save it again.')
  const held = recordOf(db, file.exam.id)
  if (held.events.length > 0) {
    const known = file.events.every((event, i) => event.id === held.events[i]?.id)
    if (known) return { as: 'known', examId: file.exam.id, personId: held.exam?.personId ?? opening.personId }
    return refused('This examination is here already and has gone on differently.', 'Open the one that is here from Today. A file never adds to it.', 409)
  }
  const named = { name: file.person.name || 'Name not in the file', born: file.person.born }
  const found = personFor(db, opening.personId, named, whose)
  if ('ask' in found) return { as: 'asked', named, people: found.ask }
  const isFree = personById(db, opening.personId) === undefined
  const target = found.into ?? { id: isFree ? opening.personId : v7(), ...named, work: file.person.work }
  const taken = openExam(db, {
    person: target,
    exam: file.exam,
    events: file.events,
    addedAt: now,
    // What was recorded elsewhere with an older edition was admitted there by the rules of its time.
    asHistory: true,
    imported: { by, at: now, file: contentHash(canonical(content)) },
  })
  return taken.ok ? { as: 'taken', examId: file.exam.id, personId: target.id } : { as: 'refused', status: 422, problem: { ...taken.problem, kept: KEPT } }
}

/** Take in a person of another program, without an examination. Identifiers of theirs are not kept: they are nobody's here. */
export function takeInPerson(db: Db, { name, born }: Named, whose: Whose, { now }: TakenBy): TakenIn {
  const shape = newPersonShape(now)
  if (!shape.isValidSync({ name, born: born ?? '', work: '' })) {
    return refused(
      `“${name.slice(0, 60)}”${born === null ? '' : `, born ${born}`} cannot be entered: the name is too long, or the day of birth is none.`,
      'Enter the person by hand on Today.',
    )
  }
  const found = personFor(db, '', { name, born }, whose)
  if ('ask' in found) return { as: 'asked', named: { name, born }, people: found.ask }
  if (found.into) return { as: 'known', examId: null, personId: found.into.id }
  const id = v7()
  addPerson(db, { id, name, born, work: '' }, now)
  return { as: 'taken', examId: null, personId: id }
}

/** Whose it is: somebody who is here, null for somebody new, or those who have to be asked about. */
type Found = { readonly into: Person | null } | { readonly ask: readonly Alike[] }

function personFor(db: Db, id: string, named: Named, whose: Whose): Found {
  if ('new' in whose) return { into: null }
  const alike = whoMayBe(db, id, named)
  const chosen = 'person' in whose ? personById(db, whose.person) : undefined
  if (chosen) return { into: chosen }
  if (alike.length === 0 && !('person' in whose)) return { into: null }
  if (!('same' in whose)) return { ask: alike }
  const same = alike.filter((one) => sameName(one.name, named.name) && named.born !== null && one.born === named.born)
  const only = same.length === 1 && same[0] ? personById(db, same[0].id) : undefined
  return only ? { into: only } : { ask: alike }
}

/** Letter by letter, accents among them: who is joined unasked has to be more alike than who is only shown as alike. */
function sameName(a: string, b: string): boolean {
  const plain = (name: string) => name.normalize('NFC').trim().replace(/\s+/g, ' ').toLowerCase()
  return plain(a) === plain(b)
}

/** People who are here and may be the one in the file, likeliest first: by the number in the file, by name and by day of birth. */
function whoMayBe(db: Db, id: string, named: Named): readonly Alike[] {
  const same = id === '' ? undefined : personById(db, id)
  const alike = peopleLike(db, named, MOST_ALIKE).filter((person) => person.id !== same?.id)
  return [...(same ? [{ ...same, why: 'the number in the file' }] : []), ...alike].map(({ id: personId, number, name, born, why }) => ({
    id: personId,
    number,
    name,
    born,
    why,
  }))
}

/** The first time in the file that cannot be, and where it stands. */
function timeIssue(file: ExamFile, now: number): string | null {
  if (!isPlausibleMoment(file.exam.at, now)) return '/exam/at is no time between 1900 and tomorrow'
  const { born } = file.person
  if (born !== null && born !== '' && !isPlausibleBirth(born, now)) return '/person/born is no day between 1900 and today'
  const at = file.events.findIndex((event) => !isPlausibleMoment(event.at, now))
  return at === -1 ? null : `/events/${at}/at is no time between 1900 and tomorrow`
}
