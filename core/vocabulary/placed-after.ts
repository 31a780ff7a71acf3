/**
 * The same things, each behind the one it says it comes after; else in the order they are given.
 *
 * Two that come after each other stay as they were given.
 */
export function placedAfter<T extends { readonly id: string; readonly after?: string }>(ranked: readonly T[]): readonly T[] {
  const ordered: T[] = []
  const place = (one: T, waiting: readonly string[]) => {
    if (ordered.includes(one)) return
    const first = ranked.find((other) => other.id === one.after)
    if (first && !waiting.includes(first.id)) place(first, [...waiting, one.id])
    ordered.push(one)
  }
  for (const one of ranked) place(one, [])
  return ordered
}
