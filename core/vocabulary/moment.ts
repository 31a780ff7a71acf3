/** Nothing in a clinic was recorded before this, in milliseconds since 1970: 1 January 1900. */
export const EARLIEST_MS = Date.UTC(1900, 0, 1)

/** Clocks of devices run ahead; a day covers time zones as well. */
const AHEAD_MS = 86_400_000

/** The last moment a calendar can name, in milliseconds since 1970 (ECMA-262, 21.4.1.1). */
export const LATEST_MS = 8.64e15

/**
 * Can this be the time of something recorded: 1900 to a day from now?
 *
 * @param at - milliseconds since 1970
 * @param now - milliseconds since 1970
 */
export function isPlausibleMoment(at: number, now: number): boolean {
  return Number.isInteger(at) && at >= EARLIEST_MS && at <= now + AHEAD_MS
}

/** Can this be a date of birth: a day of the calendar from 1900 to today? An empty text is no date. */
export function isPlausibleBirth(born: string, now: number): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(born)) return false
  const at = Date.parse(`${born}T00:00:00Z`)
  return !Number.isNaN(at) && new Date(at).toISOString().startsWith(born) && isPlausibleMoment(at, now)
}
