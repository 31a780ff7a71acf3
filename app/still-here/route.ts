import { changeSession } from '@/db/queries/accounts'
import { ABSOLUTE_MS, IDLE_MS } from '@/server/identity'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** How this session stands: open or locked, whose it is, and after how long without a hand it locks. */
export const GET = route('/still-here', ({ visitor, who }) =>
  Response.json({ state: visitor.kind, who: who.id, pin: 'pin' in visitor && visitor.pin, idleMs: IDLE_MS, absoluteMs: ABSOLUTE_MS, demo: who.demo }),
)

/** A hand is at this window. A locked screen stays locked. */
export const POST = route('/still-here', { as: 'json' }, ({ visitor, db }) => {
  if (visitor.kind === 'open' && visitor.session !== '') changeSession(db, visitor.session, { seenAt: Date.now() })
  return Response.json({ state: visitor.kind })
})
