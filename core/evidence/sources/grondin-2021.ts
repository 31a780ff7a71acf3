import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const grondin2021: Study = {
  id: 'grondin-2021',
  cite: 'Grondin 2021 Musculoskelet Sci Pract',
  people: 'Not known here',
  reference: 'MRI + surgeon',
  n: 109,
  cohort: 'grondin-2021',
  checkedAgainstPaper: false,
}

export const GRONDIN_2021 = defineRows([
  {
    id: 'D31',
    of: null,
    for: null,
    subject: 'ULNT combination (any positive)',
    target: 'Cervical radiculopathy',
    from: grondin2021,
    criterion: 'Figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
