import { bodyAnswer, readDoing } from '@/core/trainer/body'
import { runOf, wholeRun } from '@/db/queries/practice'
import { NO_RUN } from '@/server/practice/may-open'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** What hands meet at one step of a run of one's own. What is true of the person stays here until it is committed. */
export const POST = route('/practice/run/[runId]/body', { as: 'json' }, ({ params: { runId }, body, who, db }) => {
  if (runOf(db, runId)?.by !== who.id) return problemResponse(404, NO_RUN)
  const whole = wholeRun(db, runId)
  const doing = readDoing(body)
  if (!whole || !doing) return problemResponse(422, { what: 'This is no step of a test.', kept: 'What was done before is kept.', do: 'Reload the page.' })
  return Response.json(bodyAnswer(whole.patient, doing))
})
