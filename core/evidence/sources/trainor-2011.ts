import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Upper/mid lumbar nerve root compression. */
export const trainor2011: Study = {
  id: 'trainor-2011',
  cite: 'Trainor & Pinnington 2011 Physiotherapy',
  people: 'Not known here',
  reference: 'MRI',
  n: 16,
  cohort: 'trainor-2011',
  checkedAgainstPaper: false,
}

export const TRAINOR_2011 = defineRows([
  {
    id: 'B20',
    of: null,
    for: null,
    subject: 'Slump knee bend (side-lying)',
    target: 'Upper/mid lumbar nerve root compression',
    from: trainor2011,
    criterion: 'κ 0.71. Pilot; only 4 positives.',
    sens: { value: 1 },
    spec: { value: 0.83, interval: [0.52, 0.98] },
    lrPositive: { value: 6 },
    counts: { tp: 4, fn: 0, fp: 2, tn: 10 },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
