import { type Estimate, Z } from './estimate'

/**
 * A proportion with Wilson's interval (Wilson 1927; Newcombe 1998, Stat Med 17:857, method 3).
 *
 * @param hits - of `of`
 * @returns null where nothing was counted
 */
export function proportion(hits: number, of: number): Estimate | null {
  if (of === 0) return null
  const p = hits / of
  const z2 = Z * Z
  const middle = (2 * hits + z2) / (2 * (of + z2))
  const half = (Z * Math.sqrt(z2 + 4 * hits * (1 - p))) / (2 * (of + z2))
  return { value: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half) }
}
