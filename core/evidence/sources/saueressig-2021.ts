import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** The pooled, sober figure to hold beside an optimistic single study. */
export const saueressig2021: Study = {
  id: 'saueressig-2021',
  cite: 'Saueressig 2021, J Orthop Sports Phys Ther',
  people: 'Five studies of pelvic clusters, pooled',
  reference: 'Sacroiliac blocks',
  n: null,
  cohort: 'pooled-clusters',
  checkedAgainstPaper: false,
}

export const SAUERESSIG_2021 = defineRows([
  {
    id: 'A20',
    of: 'pelvic-five',
    for: 'sij-pain',
    from: saueressig2021,
    criterion: 'Clusters of sacroiliac provocation tests',
    sens: null,
    spec: null,
    lrPositive: { value: 2.13, interval: [1.2, 3.9] },
    lrNegative: { value: 0.33, interval: [0.11, 0.72] },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Pools several different clusters; shown beside the single study because it is much weaker' },
  },
])
