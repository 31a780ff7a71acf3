import { v7 } from 'uuid'
import type { ExamFile } from '@/core/exchange/exam-file/file'
import { readExamFile } from '@/core/exchange/exam-file/from'
import { isPlausibleBirth, isPlausibleMoment } from '@/core/vocabulary/moment'
import type { Named } from '@/core/vocabulary/same-person'
import { db } from '@/db'
import { canonical } from '@/db/chain'
import { recordOf } from '@/db/queries/ledger'
import { openExam } from '@/db/queries/open-exam'
import { peopleLike, personById } from '@/db/queries/people'
import { contentHash } from '@/db/sealing'
import { askingOf, noteOnTrail } from '@/server/doors/asking'
import { projectSoon } from '@/server/projector'
import { problemResponse, route } from '@/server/route'

const KEPT = 'Nothing was imported; everything here is as it was.'

/** People who may be the one in the file; more are no help to choose from. */
const MOST_ALIKE = 6

/**
 * Import an examination file: 200 with its id once it is on disk; 409 with who it may be when somebody alike is here, or when the
 * examination is here and differs; 422 with what is wrong and where.
 *
 * `person` says whose it is: the id of somebody who is here, or `new`. Nobody is joined to anybody without being asked. What is imported
 * is an examination of its own, marked for ever with who imported it and when: authors, times and a signature in it are what the file
 * says. Importing the same file again changes nothing, and an examination that is here is never added to.
 */
export const POST = route({ as: 'json', largest: 8_000_000 }, ({ body, url, request, visitor, who }) => {
  const read = readExamFile(body)
  if (!read.ok) {
    const [first, ...more] = read.issues
    const rest = more.length > 0 ? ` And ${more.length} more.` : ''
    return problemResponse(422, {
      what: `The file cannot be read: ${first?.pointer ?? ''} ${first?.what ?? ''}.${rest}`,
      kept: KEPT,
      do: 'Check the file against the published schema, or save it again where it came from.',
    })
  }
  if (read.kind === 'case') {
    return problemResponse(422, {
      what: 'This is a published case: results without an examination.',
      kept: KEPT,
      do: 'Replay it with the evaluate command instead.',
    })
  }
  const { file } = read
  const opening = file.events[0]
  if (opening?.type !== 'exam-opened')
    return problemResponse(422, { what: 'The file opens no examination.', kept: KEPT, do: 'Save it again where it came from.' })
  const now = Date.now()
  const wrong = timeIssue(file, now)
  if (wrong)
    return problemResponse(422, { what: `The file cannot be read: ${wrong}.`, kept: KEPT, do: 'Correct the time where it came from, and save it again.' })
  const held = recordOf(db(), file.exam.id).events
  if (held.length > 0) {
    const known = file.events.every((event, i) => event.id === held[i]?.id)
    if (known) return Response.json({ examId: file.exam.id })
    return problemResponse(409, {
      what: 'This examination is here already and has gone on differently.',
      kept: KEPT,
      do: 'Open the one that is here from Today. A file never adds to it.',
    })
  }
  const name = file.person.name || 'Name not in the file'
  const answer = url.searchParams.get('person')
  const alike = whoMayBe(opening.personId, { name, born: file.person.born })
  const chosen = answer === null || answer === 'new' ? undefined : personById(db(), answer)
  if (answer !== 'new' && !chosen && (alike.length > 0 || answer !== null)) {
    return Response.json(
      { what: `${name} may be here already.`, kept: KEPT, do: 'Say whose examination this is.', choose: { name, born: file.person.born, people: alike } },
      { status: 409 },
    )
  }
  const isFree = personById(db(), opening.personId) === undefined
  // What was recorded elsewhere with an older edition was admitted there by the rules of its time.
  const taken = openExam(db(), {
    person: chosen ?? { id: isFree ? opening.personId : v7(), name, born: file.person.born, work: file.person.work },
    exam: file.exam,
    events: file.events,
    addedAt: now,
    asHistory: true,
    imported: { by: who.id, at: now, file: contentHash(canonical(body)) },
  })
  if (!taken.ok) return problemResponse(422, { ...taken.problem, kept: KEPT })
  noteOnTrail(askingOf(request, visitor, now), 'imported', file.exam.id)
  projectSoon(file.exam.id)
  return Response.json({ examId: file.exam.id })
})

/** People who are here and may be the one in the file, likeliest first: by the number in the file, by name and by day of birth. */
function whoMayBe(id: string, named: Named) {
  const same = personById(db(), id)
  const alike = peopleLike(db(), named, MOST_ALIKE).filter((person) => person.id !== same?.id)
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
