import { wholeRun } from '@/db/queries/practice'
import { mayOpen, NO_RUN } from '@/server/practice/may-open'
import { judged } from '@/server/practice/judging'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** A run with its person and all that happened in it: for whoever takes it, and for educators. */
export const GET = route('/practice/run/[runId]/record', async ({ params: { runId }, who, db }) => {
  const whole = wholeRun(db, runId)
  if (!whole || !mayOpen(whole.run, who)) return problemResponse(404, NO_RUN)
  const { events, steps, patient, commitment, run } = whole
  return Response.json({ case: run.case, teaches: run.file?.teaches ?? '', events, steps, patient, commitment, judged: await judged(whole) })
})
