import { progressOf } from '@/server/outside/beside'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** How far an archive is that somebody is saving; its name was made in their window. */
export const GET = route('/exchange/archive/progress', ({ url }) => {
  const progress = progressOf(url.searchParams.get('as') ?? '')
  if (!progress) return problemResponse(404, { what: 'No archive of this name is being written.', kept: 'Nothing was changed.', do: 'Begin it again.' })
  return Response.json(progress)
})
