import { CLUSTERS } from '../clusters'
import { ruleTitle } from '../clusters/title'
import { knowledgeAt, type Clinic, SHIPPED } from '../evidence/knowledge'
import { likelihoodRatios } from '../evidence/likelihood-ratio'

/** What is published of a rule, beside which own figures stand. */
export interface PublishedRule {
  readonly title: string
  readonly source: string
  readonly sensitivity: number | null
  readonly specificity: number | null
  readonly lrPositive: number | null
  readonly lrNegative: number | null
  /** Row of the register; null where it has none. */
  readonly row: string | null
}

/** Every rule with its published figures: the shipped ones, and those of the clinic. */
export function publishedRules(clinic: Clinic = SHIPPED): Readonly<Record<string, PublishedRule>> {
  const { clusters, find } = knowledgeAt(clinic, Infinity)
  const all = [...new Map([...CLUSTERS, ...clusters].map((c) => [c.id, c])).values()]
  return Object.fromEntries(
    all.map((cluster) => {
      const row = find(cluster.figure ?? cluster.id, cluster.source, 'left') ?? null
      const lr = row && likelihoodRatios(row)
      return [
        cluster.id,
        {
          title: ruleTitle(cluster),
          source: cluster.source,
          sensitivity: row?.sens?.value ?? null,
          specificity: row?.spec?.value ?? null,
          lrPositive: lr?.positive ?? null,
          lrNegative: lr?.negative ?? null,
          row: row?.id ?? null,
        },
      ]
    }),
  )
}
