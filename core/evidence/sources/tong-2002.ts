import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const tong2002: Study = {
  id: 'tong-2002',
  cite: 'Tong 2002 Spine',
  people: 'Not known here',
  reference: 'EMG',
  n: 255,
  cohort: 'tong-2002',
  checkedAgainstPaper: false,
}

export const TONG_2002 = defineRows([
  {
    id: 'D16',
    of: 'neck-closing-b',
    for: 'root-cervical',
    subject: 'Spurling',
    target: 'Cervical radiculopathy',
    from: tong2002,
    criterion: 'Spurling',
    sens: { value: 0.3 },
    spec: { value: 0.93 },
    counts: { tp: 6, fn: 14, fp: 12, tn: 160 },
    confidence: 'medium',
    use: { use: 'shown', because: 'Which of the two ways was used is not known' },
  },
])
