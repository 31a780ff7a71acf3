import type { Rule } from '../logic/rule'
import type { Cluster } from './cluster'

/** Does this rule ask about this test anywhere in its tree? */
export function asksFor(cluster: Pick<Cluster, 'holds'>, test: string): boolean {
  const within = (rule: Rule): boolean => {
    switch (rule.kind) {
      case 'positive':
        return rule.test === test
      case 'not':
        return within(rule.of)
      case 'at-least':
        return rule.of.some(within)
    }
  }
  return within(cluster.holds)
}
