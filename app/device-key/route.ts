import { earlierDeviceKey, macOf } from '@/server/auth/clinic-key'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** The name a device gives to one time of being signed in. */
const EPOCH = /^[0-9a-f-]{36}$/

/**
 * The key that opens what this browser keeps of one epoch, for whoever is signed in and made it. A locked screen, a session that is over
 * and anybody else are not given it: without it, and without the password, the device opens nothing.
 */
export const GET = route('/device-key', ({ who, url }) => {
  const epoch = url.searchParams.get('epoch') ?? ''
  if (epoch === 'earlier') return Response.json({ by: who.id, key: earlierDeviceKey(who.id) })
  if (!EPOCH.test(epoch)) return problemResponse(422, { what: 'This names no epoch of a device.', kept: 'Nothing was changed.', do: 'Reload the page.' })
  return Response.json({ by: who.id, key: macOf('device', who.id, epoch), demo: who.demo })
})
