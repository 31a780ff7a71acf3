import type { Assessment } from '../assess'
import { sourceOf } from '../vocabulary/source'
import { percent } from './percent'
import { estimateOf } from './ranking'

/** Below this nothing stands out, whatever leads. */
const STANDS_OUT = 0.2

/**
 * What stands out, in a few words for lists: "Sacroiliac joint, right: about 65 %".
 *
 * What was signed is told as it was signed. Empty while no source stands out.
 */
export function conclusionOf({ exam, sources }: Pick<Assessment, 'exam' | 'sources'>): string {
  const { frozen } = exam.signed ?? {}
  const told = frozen
    ? frozen.estimates.map((e) => ({ name: e.name, side: e.side, p: e.headline === 'rule' && e.rule ? e.rule.postTest : e.model, moved: e.interval !== null }))
    : sources.map((s) => ({ name: sourceOf(s.source).name, side: s.side, p: estimateOf(s) ?? 0, moved: s.weighed !== null }))
  const best = told.filter((t) => t.moved && t.p >= STANDS_OUT).toSorted((a, b) => b.p - a.p)[0]
  return best ? `${best.name}, ${best.side}: about ${percent(best.p)}` : ''
}
