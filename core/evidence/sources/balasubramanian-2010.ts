import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cauda equina compression. */
export const balasubramanian2010: Study = {
  id: 'balasubramanian-2010',
  cite: 'Balasubramanian 2010 Br J Neurosurg',
  people: 'Not known here',
  reference: 'MRI',
  n: 80,
  cohort: 'balasubramanian-2010',
  checkedAgainstPaper: false,
}

export const BALASUBRAMANIAN_2010 = defineRows([
  {
    id: 'K06',
    of: null,
    for: null,
    subject: 'Saddle sensory deficit',
    target: 'Cauda equina compression',
    from: balasubramanian2010,
    criterion: 'Saddle sensory deficit',
    sens: null,
    spec: null,
    lrPositive: { value: 3.46 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
