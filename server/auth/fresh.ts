import type { Problem } from '../../core/vocabulary/problem'
import { sessionById } from '../../db/queries/accounts'
import { db } from '../../db'
import type { Asking, AtDoor } from './asking'

/** What is done to others asks for the password again, unless it was typed in the last so many milliseconds. */
export const FRESH_MS = 5 * 60_000

const held = globalThis as typeof globalThis & { dustLanternFresh?: Map<string, number> }
/** When each session last showed its password, in memory alone: after a start everybody is asked again. */
const shown = (held.dustLanternFresh ??= new Map())

/** This session has just shown its password. */
export function noteFresh(session: string, now: number): void {
  if (shown.size > 10_000) shown.clear()
  shown.set(session, now)
}

/** Was the password of this session typed a moment ago? Signing in counts. The demo has none. */
export function isFresh({ visitor, now }: Pick<Asking, 'visitor' | 'now'>): boolean {
  if (visitor.kind !== 'open') return false
  if (visitor.who.demo) return true
  const at = Math.max(shown.get(visitor.session) ?? 0, sessionById(db(), visitor.session)?.madeAt ?? 0)
  return now >= at && now - at < FRESH_MS
}

const ASK: Problem = {
  what: 'This changes what somebody else may do, so your password is asked again.',
  kept: 'Nothing was changed.',
  do: 'Type it under “Confirm that it is you” on this page, then do it again.',
}

/** Do something to others, if the password was typed a moment ago. */
export function whenFresh<T>(asking: Asking, work: () => AtDoor<T | Problem>): AtDoor<T | Problem> {
  return isFresh(asking) ? work() : { came: ASK }
}
