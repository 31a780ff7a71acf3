import type { RuleVerdict } from '../clusters/verdict'

/** Rules of which something is known, and those that lead to a figure; a grading or pattern nobody looked at only takes room. */
export function rulesWorthShowing(rules: readonly RuleVerdict[]): readonly RuleVerdict[] {
  return rules.filter((r) => r.positives > 0 || r.state !== 'open' || (r.cluster.basis === 'published' && !r.cluster.beside) || r.cluster.basis === 'own')
}
