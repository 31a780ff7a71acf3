import type { Assessment } from '../assess'
import { sourceOf } from '../vocabulary/source'
import { percent } from './percent'
import { estimateOf, standingOf } from '../standing'
import { listWords } from '../vocabulary/sentence'

/** What was signed before a lead was asked for: below this nothing stood out. */
const STANDS_OUT = 0.2

/**
 * What stands out, in a few words for lists: "Sacroiliac joint, right: about 65 %".
 *
 * What was signed is told as it was signed. Empty while no source stands out.
 */
export function conclusionOf({ exam, sources }: Pick<Assessment, 'exam' | 'sources'>): string {
  const { frozen } = exam.signed ?? {}
  if (!frozen) {
    const standing = standingOf(sources)
    if (standing.kind === 'refer') return `Refer first: ${listWords([...new Set(standing.sources.map((s) => sourceOf(s.source).name.toLowerCase()))])}`
    if (standing.kind === 'none') return ''
    if (standing.kind === 'disagrees') return `${sourceOf(standing.source.source).name}, ${standing.source.side}: evidence disagrees`
    const { source, side } = standing.source
    return `${sourceOf(source).name}, ${side}: about ${percent(estimateOf(standing.source) ?? 0)}`
  }
  if (frozen.conclusion !== undefined) return frozen.conclusion
  const told = frozen.estimates.map((e) => ({
    name: e.name,
    side: e.side,
    p: e.estimate ?? (e.headline === 'rule' && e.rule ? e.rule.postTest : e.model),
    moved: e.interval !== null,
  }))
  const best = told.filter((t) => t.moved && t.p >= STANDS_OUT).toSorted((a, b) => b.p - a.p)[0]
  return best ? `${best.name}, ${best.side}: about ${percent(best.p)}` : ''
}
