import { deviceKey } from '@/server/device-key'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** The key that seals what this browser keeps for whoever is signed in. A locked screen is not given it. */
export const GET = route('/device-key', ({ who }) => Response.json({ by: who.id, key: deviceKey(who.id) }))
