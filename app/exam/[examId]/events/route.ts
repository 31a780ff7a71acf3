import { db } from '@/db'
import { appendEvents, eventsOfExam } from '@/db/queries/exam-events'
import { announce } from '@/server/live'
import { problemResponse, readBody } from '@/server/route'
import { readSent } from '@/server/sent-events'
import { who } from '@/server/who'

interface Context {
  readonly params: Promise<{ examId: string }>
}

/**
 * Add events: 200 with everything the window has not seen once they are on disk, 404 for an unknown exam,
 * 422 when they are malformed or do not follow. Sending the same events again changes nothing.
 */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const { examId } = await params
  const body = await readBody(request)
  if (!body.ok) return body.response
  const read = readSent(body.value, who().id)
  if (!read.ok) return problemResponse(422, read.problem)
  const appended = appendEvents(db(), examId, read.sent.events)
  if (!appended.ok) return problemResponse(appended.reason === 'no-exam' ? 404 : 422, appended.problem)
  announce(examId, appended.length)
  return Response.json({ events: eventsOfExam(db(), examId).slice(read.sent.after) })
}

/** The events after the first `after` of them. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { examId } = await params
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0)
  const events = eventsOfExam(db(), examId)
  if (events.length === 0) {
    return problemResponse(404, {
      what: 'There is no examination with this number here.',
      kept: 'Nothing was changed.',
      do: 'Go to Today and open it from there.',
    })
  }
  return Response.json({ events: events.slice(Number.isInteger(after) && after > 0 ? after : 0) })
}
