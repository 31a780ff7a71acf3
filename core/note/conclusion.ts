import type { Assessment } from '../assess'
import { sourceOf, sourceTitle } from '../vocabulary/source'
import { about } from './percent'
import { estimateOf, standingOf } from '../standing'
import { inSentence, listWords } from '../vocabulary/sentence'

/** What was signed before a lead was asked for: below this nothing stood out. */
const STANDS_OUT = 0.2

/** One of the four answers, in a few words: "Sacroiliac joint, right: about 65 %", and what to say while nothing moved any source. */
export function standingWords(sources: Assessment['sources']): string {
  const standing = standingOf(sources)
  switch (standing.kind) {
    case 'refer':
      return `Refer first: ${listWords([...new Set(standing.sources.map((s) => inSentence(sourceOf(s.source).name)))])}`
    case 'disagrees':
      return `${sourceTitle(standing.source)}: evidence disagrees`
    case 'leads':
      return `${sourceTitle(standing.source)}: ${about(estimateOf(standing.source) ?? 0)}`
    case 'none':
      return sources.some((s) => s.weighed !== null) ? 'Nothing stands out' : ''
  }
}

/**
 * What stands out, in a few words for lists.
 *
 * What was signed is told as it was signed. Empty while nothing moved any source.
 */
export function conclusionOf({ exam, sources }: Pick<Assessment, 'exam' | 'sources'>): string {
  const { frozen } = exam.signed ?? {}
  if (!frozen) return standingWords(sources)
  if (frozen.conclusion !== undefined) return frozen.conclusion
  const told = frozen.estimates.map((e) => ({
    name: e.name,
    side: e.side,
    p: e.estimate ?? (e.headline === 'rule' && e.rule ? e.rule.postTest : e.model),
    moved: e.interval !== null,
  }))
  const best = told.filter((t) => t.moved && t.p >= STANDS_OUT).toSorted((a, b) => b.p - a.p)[0]
  return best ? `${best.name}, ${best.side}: ${about(best.p)}` : ''
}
