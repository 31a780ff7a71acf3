import { UUID } from '@/core/record/shapes'
import { problemResponse, route } from '@/server/route'
import { rowsFound, rowsOfOtherDays } from '../day-rows'

export const dynamic = 'force-dynamic'

/** Letters a search may have. */
const LONGEST = 200

/** Rows of the day book: what `find` finds, or the page of other days after `at` and `exam`. */
export const GET = route('/today/rows', ({ url, db }) => {
  const find = url.searchParams.get('find')
  if (find !== null) return Response.json({ rows: rowsFound(db, find.slice(0, LONGEST), new Date()), after: null })
  const at = Number(url.searchParams.get('at'))
  const examId = url.searchParams.get('exam') ?? ''
  if (!Number.isSafeInteger(at) || !UUID.test(examId)) {
    return problemResponse(422, { what: 'A page begins after an examination and its time.', kept: 'Nothing was changed.', do: 'Reload Today.' })
  }
  return Response.json(rowsOfOtherDays(db, new Date(), { at, examId }))
})
