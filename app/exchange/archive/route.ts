import { dayOf } from '@/db/day'
import { houseOf } from '@/db/queries/clinic'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { archiveName, archiveStream } from '@/server/outside/beside'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Everything of everybody as one archive, written while it is saved. It is written on the trail. */
export const GET = route('/exchange/archive', ({ request, visitor, url, db }) => {
  const asking = askingOf(request, visitor, Date.now())
  noteOnTrail(asking, 'clinic-archived')
  const name = archiveName(url.searchParams.get('as'))
  return new Response(archiveStream(name, { all: true }, { template: houseOf(db).template, now: asking.now }), {
    headers: { 'content-type': 'application/zip', 'content-disposition': `attachment; filename="clinic-${dayOf(asking.now)}.zip"` },
  })
})
