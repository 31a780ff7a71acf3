import type { SourceVerdict } from './assess'
import type { Contradiction } from './evidence/contradiction'
import { headlineOf } from './evidence/headline'
import { FAMILIES, type Family, REFERRED } from './vocabulary/source'

/** The estimate a source stands with, 0 to 1; null while nothing has moved it. */
export function estimateOf({ weighed }: Pick<SourceVerdict, 'weighed'>): number | null {
  return weighed ? headlineOf(weighed) : null
}

/** Does anything point to this source, and is it one that is referred? Then it stands before every source that is treated. */
export function isReferred({ source, pointers, weighed }: Pick<SourceVerdict, 'source' | 'pointers' | 'weighed'>): boolean {
  return REFERRED.includes(source) && (pointers.some((p) => p.direction === 'for') || (weighed !== null && headlineOf(weighed) >= LEADS_FROM))
}

/** Sources for referral first, then by their estimate, the likeliest first; those nothing has moved come last, in their own order. */
export function rankedSources(sources: readonly SourceVerdict[]): readonly SourceVerdict[] {
  return sources.toSorted((a, b) => Number(isReferred(b)) - Number(isReferred(a)) || (estimateOf(b) ?? -1) - (estimateOf(a) ?? -1))
}

/** Families in the order they are shown: what is referred stands before everything that is treated. */
export function familiesShown(sources: readonly SourceVerdict[]): readonly Family[] {
  return sources.some(isReferred) ? ['away', ...FAMILIES.filter((family) => family !== 'away')] : FAMILIES
}

/** A source leads from here on, and only with this much before the next one. */
const LEADS_FROM = 0.3
const LEADS_BY = 0.1

/** What stands out of all sources: those for referral, one that leads, one whose evidence contradicts itself, or none. */
export type Standing =
  | { readonly kind: 'refer'; readonly sources: readonly SourceVerdict[] }
  | { readonly kind: 'leads'; readonly source: SourceVerdict }
  | { readonly kind: 'disagrees'; readonly source: SourceVerdict; readonly contradiction: Contradiction }
  | { readonly kind: 'none' }

/**
 * What stands out: nothing leads below 30 %, with less than 10 points before the next, or beside a source for referral. A source that would
 * lead by one of two voices that contradict each other leads by neither.
 */
export function standingOf(sources: readonly SourceVerdict[]): Standing {
  const refer = sources.filter(isReferred)
  if (refer.length > 0) return { kind: 'refer', sources: refer }
  const ranked = rankedSources(sources)
  const [first, second] = ranked
  const best = first ? estimateOf(first) : null
  const next = second ? (estimateOf(second) ?? 0) : 0
  const torn = ranked.find(
    ({ weighed }) => weighed?.contradiction && weighed.contradiction.voices[0].p >= LEADS_FROM && weighed.contradiction.voices[0].p >= (best ?? 0),
  )
  if (torn?.weighed?.contradiction) return { kind: 'disagrees', source: torn, contradiction: torn.weighed.contradiction }
  // In whole points, so that a margin of ten is ten.
  return first && best !== null && best >= LEADS_FROM && Math.round((best - next) * 100) >= LEADS_BY * 100 ? { kind: 'leads', source: first } : { kind: 'none' }
}

/** Names a source on its side: in lists, and in the address of what is shown of it. */
export function sourceKey({ source, side }: Pick<SourceVerdict, 'source' | 'side'>): string {
  return `${source} ${side}`
}
