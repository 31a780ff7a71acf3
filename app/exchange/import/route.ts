import { readExamFile } from '@/core/exchange/exam-file/from'
import { db } from '@/db'
import { appendEvents, eventsOfExam } from '@/db/queries/exam-events'
import { bookExam, examHead } from '@/db/queries/exams'
import { addPerson } from '@/db/queries/people'
import { problemResponse, readBody } from '@/server/route'

const KEPT = 'Nothing was brought in; everything here is as it was.'

/**
 * Bring an examination file in: 200 with its id once it is on disk; 422 with what is wrong and where.
 *
 * Bringing in the same file again changes nothing. A person who is not here is added under the next number.
 */
export async function POST(request: Request): Promise<Response> {
  const body = await readBody(request)
  if (!body.ok) return body.response
  const read = readExamFile(body.value)
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
  const here = examHead(db(), file.exam.id)
  const held = eventsOfExam(db(), file.exam.id)
  if (here && held.length > 0 && !file.events.slice(0, held.length).every((event, i) => event.id === held[i]?.id)) {
    return problemResponse(409, {
      what: 'This examination is here already and has gone on differently.',
      kept: KEPT,
      do: 'Open the one that is here from Today.',
    })
  }
  addPerson(db(), { id: opening.personId, name: file.person.name || 'Name not in the file', born: file.person.born, work: file.person.work }, file.exam.at)
  bookExam(db(), { id: file.exam.id, personId: opening.personId, at: file.exam.at })
  const appended = appendEvents(db(), file.exam.id, file.events)
  return appended.ok ? Response.json({ examId: file.exam.id }) : problemResponse(422, appended.problem)
}
