import { dayOf } from '@/db/day'
import { wholePerson } from '@/db/queries/whole-person'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Everything that is kept of one person, as one file; 404 when there is nobody. It is written on the trail. */
export const GET = route('/person/[personId]/export', ({ params: { personId }, request, visitor, db }) => {
  const whole = wholePerson(db, personId)
  if (!whole)
    return problemResponse(404, { what: 'There is nobody with this number here.', kept: 'Nothing was changed.', do: 'Go to Today and open them from there.' })
  const asking = askingOf(request, visitor, Date.now())
  noteOnTrail(asking, 'person-exported', personId)
  return new Response(`${JSON.stringify(whole, null, 2)}\n`, {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="person-${whole.person.number}-${dayOf(asking.now)}.json"` },
  })
})
