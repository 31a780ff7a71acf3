/** How many of the newest days, weeks and months keep a backup each. */
export const KEPT = { days: 7, weeks: 5, months: 12 } as const

/**
 * Which backups are kept: the newest of each of the last days, weeks and months that have one, and always the newest of all.
 *
 * @param times - when each was made, milliseconds since 1970
 * @returns the same times without those that may go, in their order
 */
export function keptOf(times: readonly number[]): readonly number[] {
  const newestFirst = times.toSorted((a, b) => b - a)
  const kept = new Set(newestFirst.slice(0, 1))
  const spans = [
    [KEPT.days, dayOf],
    [KEPT.weeks, weekOf],
    [KEPT.months, monthOf],
  ] as const
  for (const [most, spanOf] of spans) {
    const newest = new Map<number, number>()
    for (const time of newestFirst) if (!newest.has(spanOf(time))) newest.set(spanOf(time), time)
    for (const time of [...newest.values()].slice(0, most)) kept.add(time)
  }
  return times.filter((time) => kept.has(time))
}

const DAY_MS = 86_400_000

function dayOf(time: number): number {
  return Math.floor(time / DAY_MS)
}

/** Weeks begin on Monday; 1 January 1970 was a Thursday. */
function weekOf(time: number): number {
  return Math.floor((dayOf(time) + 3) / 7)
}

function monthOf(time: number): number {
  const date = new Date(time)
  return date.getUTCFullYear() * 12 + date.getUTCMonth()
}
