import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Gluteal tendinopathy/trochanteric pain. */
export const bird2001: Study = {
  id: 'bird-2001',
  cite: 'Bird 2001 Arthritis Rheum',
  people: 'Not known here',
  reference: 'MRI',
  n: 24,
  cohort: 'bird-2001',
  checkedAgainstPaper: false,
}

export const BIRD_2001 = defineRows([
  {
    id: 'I13',
    of: null,
    for: null,
    subject: 'Resisted abduction / Trendelenburg',
    target: 'Gluteal tendinopathy/trochanteric pain',
    from: bird2001,
    criterion: 'Resisted abduction / Trendelenburg',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.73 / 0.73', spec: '0.46 / 0.77', lrPositive: '1.4 / 3.2 (d)', lrNegative: '0.59 / 0.35 (d)' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
