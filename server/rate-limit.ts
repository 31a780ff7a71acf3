/**
 * So many takings a stretch of time for each name; the count begins anew with each stretch.
 *
 * @param most - takings allowed in one stretch
 * @param stretchMs - its length in milliseconds
 */
export function limiter(most: number, stretchMs: number) {
  const counts = new Map<string, { since: number; taken: number }>()
  return {
    /** True when one more is allowed now. */
    take(name: string, now: number): boolean {
      const current = counts.get(name)
      if (!current || now - current.since >= stretchMs) {
        // Names that were not heard of for a stretch are forgotten, so that the map cannot grow.
        for (const [key, count] of counts) if (now - count.since >= stretchMs) counts.delete(key)
        counts.set(name, { since: now, taken: 1 })
        return true
      }
      current.taken++
      return current.taken <= most
    },
  }
}
