import type { AtLeast } from '../logic/rule'
import type { SourceId } from '../vocabulary/source'

/** A published rule: which tests, how many, and what it was published for. */
export interface Cluster {
  readonly id: string
  readonly name: string
  readonly source: SourceId
  readonly holds: AtLeast
  /** Met means nothing came on: it uses the negative ratio, and says nothing when it is out of reach. */
  readonly rulesOut?: true
  /** Where the study printed counts and not thresholds: the register's name for a count that has its own figure. */
  readonly figures?: Readonly<Record<number, string>>
  /** Not met says nothing: the study has no figure for it. */
  readonly failingSaysNothing?: true
  /** One sentence on what the rule says and where it does not apply. */
  readonly note: string
}

/** Declare a cluster; its figures stand in the evidence register under its id. */
export function defineCluster(cluster: Cluster): Cluster {
  return cluster
}
