import type { HoldState } from './state'

/** Seconds left of a hold; null while none runs. */
export function holdLeft(hold: HoldState | null): number | null {
  return hold?.running ? Math.max(0, Math.ceil(hold.total - hold.elapsed)) : null
}

/** Which movement it is at, from 1, and how many there are; null where none are counted. */
export function holdCount(hold: HoldState | null): { readonly at: number; readonly of: number } | null {
  if (!hold || hold.each === 0) return null
  const of = Math.round(hold.total / hold.each)
  return { at: Math.min(of, Math.floor(hold.elapsed / hold.each) + 1), of }
}

/** Seconds left of the rest after a hold; null while nobody rests. */
export function restLeft(hold: HoldState | null): number | null {
  return hold?.resting == null ? null : Math.ceil(hold.resting)
}

/** Whole seconds that were held; null when nothing was timed. */
export function holdHeld(hold: HoldState | null): number | null {
  return hold && Math.round(hold.elapsed)
}

/** The hold as it stands at this moment; it ends by itself, and its rest after it. */
export function holdAt(hold: HoldState | null, now: number): HoldState | null {
  if (!hold || (!hold.running && hold.resting === null)) return hold
  const elapsed = Math.max(0, (now - hold.since) / 1000)
  const left = hold.total + hold.rest - elapsed
  const resting = elapsed >= hold.total && left > 0 ? left : null
  return { ...hold, elapsed: Math.min(elapsed, hold.total), running: elapsed < hold.total, resting }
}

/** A hold that begins now, with the rest that follows it; with `each`, movements that are counted, so many seconds apart. */
export function beginHold(seconds: number, now: number, rest = 0, each = 0): HoldState {
  return { total: seconds, rest, each, since: now, elapsed: 0, running: true, resting: null }
}

/** Begin to time, or stop early and keep the seconds held; a hold that was stopped is not rested from. */
export function toggleHold(hold: HoldState | null, seconds: number, now: number, rest = 0, each = 0): HoldState {
  const was = holdAt(hold, now)
  return was?.running ? { ...was, running: false, resting: null } : beginHold(seconds, now, rest, each)
}
