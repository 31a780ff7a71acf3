import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Greater trochanteric pain/gluteal tear. */
export const lequesne2008: Study = {
  id: 'lequesne-2008',
  cite: 'Lequesne 2008 Arthritis Rheum',
  people: 'Not known here',
  reference: 'MRI',
  n: 17,
  cohort: 'lequesne-2008',
  checkedAgainstPaper: false,
}

export const LEQUESNE_2008 = defineRows([
  {
    id: 'I14',
    of: null,
    for: null,
    subject: '30 s single-leg stance',
    target: 'Greater trochanteric pain/gluteal tear',
    from: lequesne2008,
    criterion: 'Resisted derotation 0.88/0.97 (medium). Grimaldi 2017 Br J Sports Med (n=65): single-leg stance spec near 1.00, sens 0.38 (low).',
    sens: { value: 1 },
    spec: { value: 0.97 },
    counts: null,
    printed: { lrPositive: 'about 33 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
