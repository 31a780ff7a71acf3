import { problemResponse, route } from '@/server/route'
import { recordToKeep } from '../record-to-keep'

export const dynamic = 'force-dynamic'

/** Everything a window needs to work on an examination: its events, entries that cannot be read, and what the clinic knows and follows. */
export const GET = route('/exam/[examId]/record', ({ params: { examId }, who, db }) => {
  const record = recordToKeep(db, examId, who)
  if (!record) {
    return problemResponse(404, {
      what: 'There is no examination with this number here.',
      kept: 'Nothing was changed.',
      do: 'Go to Today and open it from there.',
    })
  }
  return Response.json(record)
})
