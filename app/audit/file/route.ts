import { stringify } from 'csv-stringify/sync'
import { auditRows } from '@/core/audit/rows'
import { publishedRules } from '@/core/audit/published'
import { dayOf } from '@/db/day'
import { pooledIn } from '@/db/queries/audit'
import { clinicKnowledge } from '@/db/queries/clinic'
import { audienceOf } from '@/server/audit'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** An audit as one table for a spreadsheet: a figure a row. Cells that a spreadsheet would compute are made safe. */
export const GET = route('/audit/file', ({ url, who, db }) => {
  const audience = audienceOf(url.searchParams, who)
  if (!audience) return problemResponse(422, { what: 'This names no stretch of time and no region.', kept: 'Nothing was changed.', do: 'Choose them again.' })
  const text = stringify([...auditRows(pooledIn(db, audience), publishedRules(clinicKnowledge(db)))], {
    header: true,
    columns: ['part', 'of', 'figure', 'value', 'low', 'high', 'n', 'examinations'],
    escape_formulas: true,
  })
  return new Response(text, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="audit-${dayOf(audience.from)}-to-${dayOf(audience.to - 1)}.csv"`,
    },
  })
})
