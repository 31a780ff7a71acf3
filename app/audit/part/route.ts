import { pooledIn } from '@/db/queries/audit'
import { audienceOf } from '@/server/audit'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** One stretch of time of an audit, added up. */
export const GET = route('/audit/part', ({ url, who, db }) => {
  const audience = audienceOf(url.searchParams, who)
  if (!audience) return problemResponse(422, { what: 'This names no stretch of time and no region.', kept: 'Nothing was changed.', do: 'Choose them again.' })
  return Response.json(pooledIn(db, audience))
})
