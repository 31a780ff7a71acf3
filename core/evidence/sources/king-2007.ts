import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical facet pain. */
export const king2007: Study = {
  id: 'king-2007',
  cite: 'King 2007 Spine J',
  people: 'Not known here',
  reference: 'Controlled blocks',
  n: 173,
  cohort: 'king-2007',
  checkedAgainstPaper: false,
}

export const KING_2007 = defineRows([
  {
    id: 'F06',
    of: 'neck-segment-motion',
    for: 'facet-cervical',
    subject: 'Manual examination (same method)',
    target: 'Cervical facet pain',
    from: king2007,
    criterion: 'High sensitivity, poor specificity.',
    sens: { value: 0.89, interval: [0.82, 0.96] },
    spec: { value: 0.47, interval: [0.37, 0.57] },
    lrPositive: { value: 1.7, interval: [1.2, 2.5] },
    counts: null,
    confidence: 'high',
    use: { use: 'preferred', because: 'The larger study of the same method' },
  },
])
