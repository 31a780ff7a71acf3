import * as yup from 'yup'
import { readSteps } from '@/core/trainer/shapes'
import { runOf, takeSteps } from '@/db/queries/practice'
import { NO_RUN } from '@/server/practice/may-open'
import { problemResponse, route } from '@/server/route'

/** Add what was asked and done beside the record. The same steps again change nothing. */
export const POST = route('/practice/run/[runId]/steps', { as: 'json' }, ({ params: { runId }, body, who, db }) => {
  if (runOf(db, runId)?.by !== who.id) return problemResponse(404, NO_RUN)
  try {
    const problem = takeSteps(db, runId, readSteps(body))
    return problem ? problemResponse(422, problem) : Response.json({ taken: true })
  } catch (error) {
    if (!yup.ValidationError.isError(error)) throw error
    return problemResponse(422, { what: `This could not be read: ${error.errors[0] ?? ''}.`, kept: 'What was done before is kept.', do: 'Reload the page.' })
  }
})
