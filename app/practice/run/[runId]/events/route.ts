import { runOf, takeEvents, wholeRun } from '@/db/queries/practice'
import { mayOpen, NO_RUN } from '@/server/practice/may-open'
import { problemResponse, route } from '@/server/route'
import { readSent } from '@/server/sent-events'

/** Add what a window recorded in a run of its own. The same events again change nothing. */
export const POST = route('/practice/run/[runId]/events', { as: 'json' }, ({ params: { runId }, body, who, db }) => {
  if (runOf(db, runId)?.by !== who.id) return problemResponse(404, NO_RUN)
  const read = readSent(body, who.id, Date.now())
  if (!read.ok) return problemResponse(422, read.problem)
  const { events, refused } = takeEvents(db, runId, read.sent.events)
  return Response.json({ events: events.slice(read.sent.after), refused: [...read.sent.refused, ...refused] })
})

/** The events after the first `after` of them. */
export const GET = route('/practice/run/[runId]/events', ({ params: { runId }, url, who, db }) => {
  const whole = wholeRun(db, runId)
  if (!whole || !mayOpen(whole.run, who)) return problemResponse(404, NO_RUN)
  const after = Number(url.searchParams.get('after') ?? 0)
  return Response.json({ events: whole.events.slice(Number.isInteger(after) && after > 0 ? after : 0) })
})
