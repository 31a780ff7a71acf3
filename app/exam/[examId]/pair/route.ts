import { examHead } from '@/db/queries/exams'
import { pair } from '@/server/pairing'
import { problemResponse, route } from '@/server/route'

/** A code for a phone or a device: 201 with the code and when it stops working, 404 without such an examination. */
export const POST = route('/exam/[examId]/pair', { as: 'json' }, ({ params: { examId }, db }) => {
  if (!examHead(db, examId)) {
    return problemResponse(404, { what: 'There is no such examination.', kept: 'Nothing was written.', do: 'Open it from Today.' })
  }
  const { code, until } = pair(examId)
  return Response.json({ code, until }, { status: 201 })
})
