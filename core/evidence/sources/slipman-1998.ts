import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain (intra-articular). */
export const slipman1998: Study = {
  id: 'slipman-1998',
  cite: 'Slipman 1998 Arch Phys Med Rehabil',
  people: 'Not known here',
  reference: 'Single SIJ block, ≥80% relief',
  n: 50,
  cohort: 'slipman-1998',
  checkedAgainstPaper: false,
}

export const SLIPMAN_1998 = defineRows([
  {
    id: 'A35',
    of: null,
    for: null,
    subject: '≥3 positive SIJ manoeuvres',
    target: 'SIJ pain (intra-articular)',
    from: slipman1998,
    criterion: 'Design cannot give sens/spec.',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: 'PPV 60% only (all patients test-positive)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
