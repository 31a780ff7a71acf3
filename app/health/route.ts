import { sql } from 'drizzle-orm'
import { db } from '@/db'
import { condition, conditionWords } from '@/server/condition'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Tables without which nothing works. */
const NEEDED = ['overviews', 'seals', 'accounts', 'exam_events']

/** 200 once the database is open, its tables are there and its disk takes what is recorded; 503 with why not. Reading goes on then. */
export const GET = route('/health', () => {
  const now = condition(Date.now())
  const told = conditionWords(now)
  for (const table of NEEDED) db().get(sql.raw(`SELECT 1 FROM ${table} LIMIT 1`))
  const ready = now.kind === 'well' || now.kind === 'short'
  return Response.json({ ready, condition: now.kind, ...(told ?? {}) }, { status: ready ? 200 : 503 })
})
