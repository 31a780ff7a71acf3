import { max } from 'drizzle-orm'
import type { Problem } from '../core/vocabulary/problem'
import type { Db } from '../db/open'
import { seals } from '../db/schema'

/** A clock may differ by so much from what wrote the last link; in milliseconds. */
const SLACK_MS = 60_000

/**
 * Is the clock of this server behind what it recorded last? The chain carries the server's own time and only grows: a clock that is
 * earlier was set back, and says nothing about what lies in the future.
 */
export function isClockBehind(db: Pick<Db, 'select'>, now: number): boolean {
  const last = db
    .select({ at: max(seals.at) })
    .from(seals)
    .get()?.at
  return last !== null && last !== undefined && last > now + SLACK_MS
}

export const CLOCK_BEHIND: Problem = {
  what: 'The clock of the server is behind what it recorded last.',
  kept: 'What this window holds stays in it and is sent again by itself.',
  do: 'Whoever looks after the computer sets its clock: npm run doctor.',
}
