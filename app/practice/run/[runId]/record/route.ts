import { withoutTruth } from '@/core/trainer/body'
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
  // A student learns what is true once they have committed, and not from what their browser was sent before.
  const hidden = who.role === 'student' && commitment === null
  return Response.json({
    case: hidden && run.class !== null ? 'Case' : run.case,
    teaches: hidden ? '' : (run.file?.teaches ?? ''),
    events,
    steps,
    patient: hidden ? withoutTruth(patient) : patient,
    hidden,
    commitment,
    judged: await judged(whole),
  })
})
