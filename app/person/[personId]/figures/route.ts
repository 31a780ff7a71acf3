import { problemResponse, route } from '@/server/route'
import { figuresOf } from '../whole-episodes'

export const dynamic = 'force-dynamic'

/** What is drawn and listed of one episode; 404 where this person has none of that name. */
export const GET = route('/person/[personId]/figures', ({ params: { personId }, url, db }) => {
  const figures = figuresOf(db, { person: personId, episode: url.searchParams.get('episode') ?? '' })
  return figures
    ? Response.json(figures)
    : problemResponse(404, { what: 'This person has no such episode.', kept: 'Nothing was changed.', do: 'Reload the page.' })
})
