import type { AtLeast, Weighted } from '../logic/rule'
import type { SourceId } from '../vocabulary/source'
import type { Cluster, OwnRuleId } from './cluster'
import type { Item } from './item'

/** A rule a clinic wrote for itself. Versions are kept; the latest of an id counts, and a withdrawn one counts no more. */
export interface OwnRule {
  /** Begins with "own-", so that it never meets a shipped one. */
  readonly id: OwnRuleId
  readonly name: string
  readonly source: SourceId
  readonly holds: AtLeast<Item> | Weighted<Item>
  /** How much meeting it, and not meeting it, multiplies the odds; null where no figure is known. */
  readonly figure: OwnRuleFigure | null
  readonly note: string
  readonly withdrawn: boolean
  readonly by: string
  readonly at: number
}

/** The figure of an own rule, and where it comes from. */
export interface OwnRuleFigure {
  readonly lrPositive: number | null
  readonly lrNegative: number | null
  readonly source: string
  readonly n: number | null
}

/** The rules of a clinic as they stand: the latest version of each that was not withdrawn. */
export function currentRules(rules: readonly OwnRule[]): readonly OwnRule[] {
  return [...new Map(rules.map((rule) => [rule.id, rule])).values()].filter((rule) => !rule.withdrawn)
}

/** An own rule in the shape the engine reads. */
export function ownCluster(rule: OwnRule): Cluster {
  return {
    id: rule.id,
    name: rule.name,
    source: rule.source,
    holds: rule.holds,
    basis: 'own',
    ...(rule.figure?.lrNegative === null || rule.figure === null ? { failingSaysNothing: true as const } : {}),
    badge: `This clinic’s own rule, by ${rule.by}`,
    note: rule.note || 'Written by this clinic.',
  }
}
