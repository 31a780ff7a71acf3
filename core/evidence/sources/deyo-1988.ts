import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Spinal malignancy. */
export const deyo1988: Study = {
  id: 'deyo-1988',
  cite: 'Deyo & Diehl 1988 J Gen Intern Med',
  people: 'Not known here',
  reference: 'Follow-up',
  n: 1975,
  cohort: 'deyo-1988',
  checkedAgainstPaper: false,
}

export const DEYO_1988 = defineRows([
  {
    id: 'K03',
    of: null,
    for: null,
    subject: 'History of cancer',
    target: 'Spinal malignancy',
    from: deyo1988,
    criterion: 'Downie: post-test 7% primary care, 33% emergency. Only useful single item.',
    sens: { value: 0.31 },
    spec: { value: 0.98 },
    lrPositive: { value: 14.7 },
    lrNegative: { value: 0.7 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
  {
    id: 'K04',
    of: null,
    for: null,
    subject: 'Weight loss / no improvement 1 month / age >50 / no relief in bed',
    target: 'Spinal malignancy',
    from: deyo1988,
    criterion: 'Weak singly.',
    sens: null,
    spec: null,
    counts: null,
    printed: {
      sens: '0.15 / 0.31 / 0.77 / >0.90',
      spec: '0.94 / 0.90 / 0.71 / 0.46',
      lrPositive: '2.7 / 3.0 / 2.7 / 1.7',
      lrNegative: '0.90 / 0.77 / 0.32 / 0.21',
    },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
