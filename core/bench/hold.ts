import type { HoldState } from './state'

/** Seconds left of a hold; null while none runs. */
export function holdLeft(hold: HoldState | null): number | null {
  return hold?.running ? Math.max(0, Math.ceil(hold.total - hold.elapsed)) : null
}

/** Whole seconds that were held; null when nothing was timed. */
export function holdHeld(hold: HoldState | null): number | null {
  return hold && Math.round(hold.elapsed)
}

/** The hold as it stands at this moment; it ends by itself. */
export function holdAt(hold: HoldState | null, now: number): HoldState | null {
  if (!hold?.running) return hold
  const elapsed = Math.max(0, (now - hold.since) / 1000)
  return { ...hold, elapsed: Math.min(elapsed, hold.total), running: elapsed < hold.total }
}

/** Begin to time, or stop early and keep the seconds held. */
export function toggleHold(hold: HoldState | null, seconds: number, now: number): HoldState {
  const was = holdAt(hold, now)
  return was?.running ? { ...was, running: false } : { total: seconds, since: now, elapsed: 0, running: true }
}
