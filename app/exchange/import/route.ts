import type { ExamFile } from '@/core/exchange/exam-file/file'
import { readExamFile } from '@/core/exchange/exam-file/from'
import { isPlausibleBirth, isPlausibleMoment } from '@/core/vocabulary/moment'
import { db } from '@/db'
import { recordOf } from '@/db/queries/ledger'
import { openExam } from '@/db/queries/open-exam'
import { projectSoon } from '@/server/projector'
import { problemResponse, route } from '@/server/route'

const KEPT = 'Nothing was imported; everything here is as it was.'

/**
 * Bring an examination file in: 200 with its id once it is on disk; 422 with what is wrong and where.
 *
 * Bringing in the same file again changes nothing. A person who is not here is added under the next number.
 */
export const POST = route({ as: 'json', largest: 8_000_000 }, ({ body }) => {
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
  if (held.length > 0 && !file.events.slice(0, held.length).every((event, i) => event.id === held[i]?.id)) {
    return problemResponse(409, {
      what: 'This examination is here already and has gone on differently.',
      kept: KEPT,
      do: 'Open the one that is here from Today.',
    })
  }
  // What was recorded elsewhere with an older edition was admitted there by the rules of its time.
  const taken = openExam(db(), {
    person: { id: opening.personId, name: file.person.name || 'Name not in the file', born: file.person.born, work: file.person.work },
    exam: file.exam,
    events: file.events,
    addedAt: now,
    asHistory: true,
  })
  if (taken.ok) projectSoon(file.exam.id)
  return taken.ok ? Response.json({ examId: file.exam.id }) : problemResponse(422, { ...taken.problem, kept: KEPT })
})

/** The first time in the file that cannot be, and where it stands. */
function timeIssue(file: ExamFile, now: number): string | null {
  if (!isPlausibleMoment(file.exam.at, now)) return '/exam/at is no time between 1900 and tomorrow'
  const { born } = file.person
  if (born !== null && born !== '' && !isPlausibleBirth(born, now)) return '/person/born is no day between 1900 and today'
  const at = file.events.findIndex((event) => !isPlausibleMoment(event.at, now))
  return at === -1 ? null : `/events/${at}/at is no time between 1900 and tomorrow`
}
