import { db } from '@/db'
import { clinicKnowledge, houseOf } from '@/db/queries/clinic'
import { recordOf } from '@/db/queries/ledger'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Everything a window needs to work on an examination: its events, entries that cannot be read, and what the clinic knows and follows. */
export const GET = route<{ examId: string }>(({ params: { examId } }) => {
  const { events, faults, seq } = recordOf(db(), examId)
  if (seq === 0) {
    return problemResponse(404, {
      what: 'There is no examination with this number here.',
      kept: 'Nothing was changed.',
      do: 'Go to Today and open it from there.',
    })
  }
  const { turns, schools, setting } = houseOf(db())
  return Response.json({ events, faults, clinic: clinicKnowledge(db()), turns, house: { schools, setting } })
})
