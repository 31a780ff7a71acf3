import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** No TOS. */
export const warrens1987: Study = {
  id: 'warrens-1987',
  cite: 'Warrens & Heaton 1987 Ann R Coll Surg Engl',
  people: 'Not known here',
  reference: 'healthy',
  n: 64,
  cohort: 'warrens-1987',
  checkedAgainstPaper: false,
}

export const WARRENS_1987 = defineRows([
  {
    id: 'G06',
    of: null,
    for: null,
    subject: 'Any of several TOS tests positive',
    target: 'No TOS',
    from: warrens1987,
    criterion: '58% of normals had ≥1 positive; only 2% had >1.',
    sens: null,
    spec: { value: 0.42 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
