import type { Frozen } from '../record/frozen'

/**
 * What was read when an examination was signed, in the shape `evaluationOf` gives to one that is read now.
 *
 * Nothing is computed: a changed catalogue, rule or figure changes nothing here.
 */
export function evaluationAsSigned({ edition, findings, rules, estimates, pointers, levels, changes }: Frozen) {
  const sides = new Set(estimates.map((e) => e.side))
  return {
    read: { as: 'signed' as const, edition },
    findings: findings
      .filter((f) => sides.has(f.about))
      .map(({ test, side, about, result, readings }) => ({ test, side, ...(about !== side && { about }), result, readings })),
    rules: rules.map(({ name, words, asks, grade, ...rule }) => ({ ...rule, ...(asks.length > 0 && { asks }), ...(grade !== null && { grade }) })),
    sources: estimates.map(({ name, moved, rule, ...estimate }) => ({
      ...estimate,
      rule: rule && { id: rule.id, postTest: rule.postTest, ...(rule.publishedPostTest !== null && { publishedPostTest: rule.publishedPostTest }) },
    })),
    pointers: pointers.map(({ name, ...pointer }) => pointer),
    levels,
    ...(changes && { changes: changes.map(({ name, ...change }) => change) }),
  }
}
