import { leavesOf } from '../logic/rule'
import type { Cluster } from './cluster'
import { type Item, testOf } from './item'

/** Every condition of a rule, those of its grades included. */
export function itemsOf(cluster: Pick<Cluster, 'holds' | 'grades'>): readonly Item[] {
  return [cluster.holds, ...(cluster.grades ?? []).map((g) => g.holds)].flatMap((rule) => leavesOf(rule))
}

/** Does this rule ask about this test anywhere in its tree? */
export function asksFor(cluster: Pick<Cluster, 'holds' | 'grades'>, test: string): boolean {
  return itemsOf(cluster).some((item) => testOf(item) === test)
}
