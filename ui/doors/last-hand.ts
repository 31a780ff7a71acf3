/** Without a hand for so long a window locks; the server counts the same. In milliseconds. */
export const IDLE_MS = 15 * 60_000

const PLACE = 'lantern-hand'

let last = 0

/** When a hand was last at any window of this browser, by the clock: a computer that sleeps goes on counting, and so does one without a server. */
export function lastHand(): number {
  try {
    return Math.max(last, Number(localStorage.getItem(PLACE) ?? 0))
  } catch {
    return last
  }
}

/** A hand is here. Other windows and a page that is opened next read it; it says nothing of anybody. */
export function noteHand(now = Date.now()): void {
  // A clock that was ahead must not keep a window open until it has caught up.
  const before = lastHand()
  if (now - last < 5000 && before <= now) return
  last = now
  try {
    localStorage.setItem(PLACE, String(now))
  } catch {
    // A browser that keeps nothing: this window counts by itself.
  }
}

/** Has there been no hand for too long? A clock that was set back counts as long. */
export function isIdle(now = Date.now()): boolean {
  const at = lastHand()
  return at > 0 && (now - at >= IDLE_MS || at > now + 60_000)
}
