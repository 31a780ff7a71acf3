import { dayOf } from '@/db/day'
import { houseOf } from '@/db/queries/clinic'
import { personById } from '@/db/queries/people'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { archiveName, archiveStream } from '@/server/outside/beside'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Everything of one person as one archive: exam files, notes, FHIR, letters, tables. It is written on the trail. */
export const GET = route('/person/[personId]/archive', ({ params: { personId }, request, visitor, url, db }) => {
  const person = personById(db, personId)
  if (!person)
    return problemResponse(404, { what: 'There is nobody with this number here.', kept: 'Nothing was changed.', do: 'Go to Today and open them from there.' })
  const asking = askingOf(request, visitor, Date.now())
  noteOnTrail(asking, 'person-archived', personId)
  const name = archiveName(url.searchParams.get('as'))
  return new Response(archiveStream(name, { person: personId }, { template: houseOf(db).template, now: asking.now }), {
    headers: { 'content-type': 'application/zip', 'content-disposition': `attachment; filename="person-${person.number}-${dayOf(asking.now)}.zip"` },
  })
})
