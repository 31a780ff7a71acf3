import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** No TOS. */
export const brismee2004: Study = {
  id: 'brismee-2004',
  cite: 'Brismée 2004 J Man Manip Ther',
  people: 'Not known here',
  reference: 'healthy',
  n: 69,
  cohort: 'brismee-2004',
  checkedAgainstPaper: false,
}

export const BRISMEE_2004 = defineRows([
  {
    id: 'G08',
    of: null,
    for: null,
    subject: 'Cyriax release',
    target: 'No TOS',
    from: brismee2004,
    criterion: 'Cyriax release',
    sens: null,
    spec: null,
    counts: null,
    printed: { spec: '0.77–0.97 (1 to 3 min)' },
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
