import { testById } from '../catalogue'
import type { Rule } from '../logic/rule'
import type { Cluster } from './cluster'
import { type Item, testOf } from './item'

/** More tests than this are told by their number alone. */
const NAMED = 6

/**
 * A rule with what it counts: "SI joint, 3 of 5 (distraction, compression, thigh thrust, Gaenslen, FABER)".
 *
 * Just its name where it also counts something that no test asks, or counts too many to name.
 */
export function ruleTitle({ name, holds }: Pick<Cluster, 'name' | 'holds'>): string {
  const items = itemsOf(holds)
  const chips = [...new Set(items.map(testOf))].map((id) => (id === null ? null : (testById(id)?.short ?? null)))
  return chips.length < 2 || chips.length > NAMED || chips.includes(null) ? name : `${name} (${chips.join(', ')})`
}

function itemsOf(rule: Rule<Item>): readonly Item[] {
  switch (rule.kind) {
    case 'leaf':
      return [rule.leaf]
    case 'not':
      return itemsOf(rule.of)
    case 'at-least':
      return rule.of.flatMap(itemsOf)
    case 'weighted':
      return rule.of.flatMap(({ part }) => itemsOf(part))
  }
}
