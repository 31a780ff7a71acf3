import { db } from '@/db'
import { sql } from 'drizzle-orm'

export const dynamic = 'force-dynamic'

/** Answers once the database is open. */
export function GET(): Response {
  db().run(sql`SELECT 1`)
  return Response.json({ ready: true })
}
