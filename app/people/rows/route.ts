import { type KnownPerson, peopleFound, peopleLike } from '@/db/queries/people'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Letters a search may have, and rows it shows. */
const LONGEST = 200
const SHOWN = 8

/** People by `find` (name or number), or those who may be the one called `name` and born on `born`, each with what speaks for it. */
export const GET = route('/people/rows', ({ url, db }) => {
  const asked = (field: string) => url.searchParams.get(field)?.slice(0, LONGEST) ?? ''
  const people: readonly (KnownPerson & { readonly why?: string })[] = url.searchParams.has('find')
    ? peopleFound(db, asked('find'), SHOWN)
    : peopleLike(db, { name: asked('name'), born: asked('born') || null }, SHOWN)
  return Response.json({ people })
})
