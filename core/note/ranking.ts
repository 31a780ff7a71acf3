import type { SourceVerdict } from '../assess'
import type { RuleVerdict } from '../clusters/verdict'
import { headlineOf } from '../evidence/headline'

/** The estimate a source stands with, 0 to 1; null while nothing has moved it. */
export function estimateOf({ weighed }: Pick<SourceVerdict, 'weighed'>): number | null {
  return weighed ? headlineOf(weighed) : null
}

/** Sources by their estimate, the likeliest first; those nothing has moved come last, in their own order. */
export function rankedSources(sources: readonly SourceVerdict[]): readonly SourceVerdict[] {
  return sources.toSorted((a, b) => (estimateOf(b) ?? -1) - (estimateOf(a) ?? -1))
}

/** Rules of which something is known, and those that lead to a figure; a grading or pattern nobody looked at only takes room. */
export function rulesWorthShowing(rules: readonly RuleVerdict[]): readonly RuleVerdict[] {
  return rules.filter((r) => r.positives > 0 || r.state !== 'open' || (r.cluster.basis === 'published' && !r.cluster.beside) || r.cluster.basis === 'own')
}
