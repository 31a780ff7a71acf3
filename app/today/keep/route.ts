import * as yup from 'yup'
import { UUID } from '@/core/record/shapes'
import { recordToKeep } from '@/app/exam/[examId]/record-to-keep'
import { rowsOfDay } from '@/app/today/day-rows'
import { recordOf } from '@/db/queries/ledger'
import { askingOf } from '@/server/auth/asking'
import { noteKept } from '@/server/auth/openings'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Examinations of one day that a device keeps; more than anybody examines. */
const MOST = 40

const HAVE = yup.object({ have: yup.object().required() }).noUnknown().strict().required()

/**
 * The examinations of today, for a device that is to open them without the server. `have` says how many entries of each it keeps, so that
 * only what has grown is sent. What goes to a device stands on the trail.
 */
export const POST = route('/today/keep', { as: 'json' }, ({ body, who, visitor, request, db }) => {
  if (!HAVE.isValidSync(body, { strict: true })) {
    return problemResponse(422, { what: 'What was sent has another shape.', kept: 'Nothing was changed.', do: 'Reload Today.' })
  }
  const have = body.have as Readonly<Record<string, unknown>>
  const now = new Date()
  const rows = rowsOfDay(db, now).slice(0, MOST)
  const fresh = rows.filter(({ examId }) => typeof have[examId] !== 'number' || have[examId] < recordOf(db, examId).seq)
  const asking = askingOf(request, visitor, now.getTime())
  const records = fresh.flatMap(({ examId }) => {
    const record = recordToKeep(db, examId, who)
    if (!record) return []
    noteKept(asking, examId)
    return [{ examId, record }]
  })
  // A device that has more than this server has what an older backup lacked; it offers it back.
  const lacking = Object.entries(have).flatMap(([examId, entries]) =>
    UUID.test(examId) && typeof entries === 'number' && entries > recordOf(db, examId).seq ? [examId] : [],
  )
  return Response.json({ records, lacking, today: rows.map((row) => row.examId) })
})
