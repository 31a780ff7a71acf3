import { leavesOf } from '../logic/rule'
import type { Cluster } from './cluster'
import { type Item, testOf } from './item'

/** Every condition of a rule, those of its grades included. */
export function itemsOf(cluster: Pick<Cluster, 'holds' | 'grades'>): readonly Item[] {
  return [cluster.holds, ...(cluster.grades ?? []).map((g) => g.holds)].flatMap((rule) => leavesOf(rule))
}

/** Does this rule ask about this test anywhere in its tree? */
export function asksFor(cluster: Pick<Cluster, 'holds' | 'grades'>, test: string): boolean {
  const known = ASKED.get(cluster)
  if (known) return known.has(test)
  const asked = new Set<string>(itemsOf(cluster).flatMap((item) => testOf(item) ?? []))
  ASKED.set(cluster, asked)
  return asked.has(test)
}

/** A rule is never changed in place, and a plan asks each of them about every test. */
const ASKED = new WeakMap<Pick<Cluster, 'holds' | 'grades'>, ReadonlySet<string>>()
