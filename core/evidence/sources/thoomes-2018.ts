import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const thoomes2018: Study = {
  id: 'thoomes-2018',
  cite: 'Thoomes 2018 Spine J',
  people: 'Not known here',
  reference: 'MRI/EMG',
  n: null,
  cohort: 'thoomes-2018',
  checkedAgainstPaper: false,
}

export const THOOMES_2018 = defineRows([
  {
    id: 'D27',
    of: null,
    for: null,
    subject: 'Spurling (review range)',
    target: 'Cervical radiculopathy',
    from: thoomes2018,
    criterion: 'Reviewers: combined 4 ULNT (sens 0.97) or arm squeeze rule out; Spurling, traction and ULNT3-type combination rule in.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.38–0.97', spec: '0.89–1.00', lrPositive: '3.5–∞ (d, range)', lrNegative: '0.03–0.70 (d, range)' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
