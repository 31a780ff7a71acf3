import { writtenCase } from '@/db/queries/practice-sets'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** A written case as it travels. */
export const GET = route('/practice/cases/[code]/file', ({ params: { code }, db }) => {
  const found = writtenCase(db, code)
  if (!found) return problemResponse(404, { what: 'There is no such case.', kept: 'Nothing was changed.', do: 'Choose one from the list.' })
  return new Response(JSON.stringify(found.file, null, 2), {
    headers: { 'content-type': 'application/json', 'content-disposition': 'attachment; filename="practice-case.json"' },
  })
})
