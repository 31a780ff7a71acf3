/**
 * Whole years between two calendar days.
 *
 * @param born - YYYY-MM-DD
 * @param on - YYYY-MM-DD
 * @example ageOn('2000-02-29', '2026-02-28') // 25: the birthday falls on 1 March in that year
 */
export function ageOn(born: string, on: string): number {
  const [by = 0, bm = 0, bd = 0] = born.split('-').map(Number)
  const [y = 0, m = 0, d = 0] = on.split('-').map(Number)
  return y - by - (m < bm || (m === bm && d < bd) ? 1 : 0)
}
