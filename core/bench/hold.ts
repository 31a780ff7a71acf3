import type { HoldState } from './state'

/** Seconds left of a hold; null while none runs. */
export function holdLeft(hold: HoldState | null): number | null {
  return hold?.running ? Math.max(0, Math.ceil(hold.total - hold.elapsed)) : null
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

/** A hold that begins now, with the rest that follows it. */
export function beginHold(seconds: number, now: number, rest = 0): HoldState {
  return { total: seconds, rest, since: now, elapsed: 0, running: true, resting: null }
}

/** Begin to time, or stop early and keep the seconds held; a hold that was stopped is not rested from. */
export function toggleHold(hold: HoldState | null, seconds: number, now: number, rest = 0): HoldState {
  const was = holdAt(hold, now)
  return was?.running ? { ...was, running: false, resting: null } : beginHold(seconds, now, rest)
}
