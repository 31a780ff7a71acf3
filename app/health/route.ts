import { sql } from 'drizzle-orm'
import { db } from '@/db'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Answers once the database is open and its tables are there. */
export const GET = route(() => {
  db().get(sql`SELECT n FROM overviews LIMIT 1`)
  return Response.json({ ready: true })
})
