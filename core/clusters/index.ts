import { placedAfter } from '../vocabulary/placed-after'
import { SOURCES } from '../vocabulary/source'
import type { Cluster } from './cluster'
import * as roll from './roll'

/** Every rule that ships, by source. Of several for one source the school's comes first where a school was chosen, else the first here. */
export const CLUSTERS: readonly Cluster[] = inOrder(Object.values(roll))

function inOrder(clusters: readonly Cluster[]): readonly Cluster[] {
  const sources = Object.keys(SOURCES)
  const ranked = clusters.toSorted((a, b) => sources.indexOf(a.source) - sources.indexOf(b.source) || (a.id < b.id ? -1 : 1))
  return placedAfter(ranked)
}
