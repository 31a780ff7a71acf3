import { v7 } from 'uuid'
import { newPersonShape } from '../../core/vocabulary/new-person'
import type { Problem } from '../../core/vocabulary/problem'
import type { Named } from '../../core/vocabulary/same-person'
import type { Db } from '../../db/open'
import { recordOf } from '../../db/queries/ledger'
import { openExam } from '../../db/queries/open-exam'
import { addPerson, peopleLike, type Person, personById } from '../../db/queries/people'
import type { ReadImport } from './read-import'

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

/** A file that cannot be taken in, in words. */
export function importProblem(read: Exclude<ReadImport, { as: 'exam' }>): TakenIn {
  switch (read.as) {
    case 'not-json':
      return refused('What was sent is not JSON.', 'Choose a file that was saved from Dust Lantern.')
    case 'unshowable':
      return refused('A text holds characters that no screen can show.', 'Take them out where it came from, and save it again.')
    case 'fhir':
      return refused('This is FHIR, and no exam file.', 'Import it under “Import and export”, which reads Patients and bundles.')
    case 'case':
      return refused('This is a published case: results without an examination.', 'Replay it with the evaluate command instead.')
    case 'wrong': {
      const [first, ...more] = read.issues
      const rest = more.length > 0 ? ` And ${more.length} more.` : ''
      return refused(
        `The file cannot be read: ${first?.pointer ?? ''} ${first?.what ?? ''}.${rest}`,
        'Check the file against the published schema, or save it again where it came from.',
      )
    }
    case 'forged':
      return refused(
        `The signature in this file is not what its own record gives. ${read.words.join(' ')}${read.more > 0 ? ` And ${read.more} more.` : ''}`,
        'Ask where it came from for the file as it was signed. Without its signature it can be imported.',
      )
  }
}

/**
 * Take in an examination file that was read: all of it or nothing.
 *
 * Nobody is joined to anybody without being asked. What is imported is an examination of its own, marked for ever with who imported it and
 * when: authors, times and a signature in it are what the file says. The same file again changes nothing, and an examination that is here is
 * never added to.
 */
export function takeInExam(db: Db, read: ReadImport, whose: Whose, { by, now }: TakenBy): TakenIn {
  if (read.as !== 'exam') return importProblem(read)
  const { file, hash } = read
  const opening = file.events[0]
  if (opening?.type !== 'exam-opened') return refused('The file opens no examination.', 'Save it again where it came from.')
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
    imported: { by, at: now, file: hash },
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
