import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Axial spondyloarthritis. */
export const rudwaleit2006: Study = {
  id: 'rudwaleit-2006',
  cite: 'Rudwaleit 2006 Arthritis Rheum',
  people: 'Not known here',
  reference: 'Expert',
  n: 213,
  cohort: 'rudwaleit-2006',
  checkedAgainstPaper: false,
}

export const RUDWALEIT_2006 = defineRows([
  {
    id: 'K09',
    of: null,
    for: null,
    subject: '2 of 4 (morning stiffness >30 min, better with exercise not rest, waking 2nd half night, alternating buttock pain)',
    target: 'Axial spondyloarthritis',
    from: rudwaleit2006,
    criterion: '3 of 4: 0.34/0.97, LR+ 12.4.',
    sens: { value: 0.7 },
    spec: { value: 0.81 },
    lrPositive: { value: 3.7 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
