import { dayOf } from '@/db/day'
import { signatureList } from '@/db/anchors'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { environment } from '@/server/environment'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** The signatures made here, signed as a list: with it anybody checks the code of a note without the clinic. It names nobody. */
export const GET = route('/settings/backups/signatures', ({ db, request, visitor, now }) => {
  noteOnTrail(askingOf(request, visitor, now), 'signatures-saved')
  return new Response(`${JSON.stringify(signatureList(db, environment().keyFolder, now))}\n`, {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="signatures-${dayOf(now)}.json"` },
  })
})
