import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Soft disc prolapse. */
export const shah2004: Study = {
  id: 'shah-2004',
  cite: 'Shah & Rajshekhar 2004 Br J Neurosurg',
  people: 'Not known here',
  reference: 'MRI/surgery',
  n: 50,
  cohort: 'shah-2004',
  checkedAgainstPaper: false,
}

export const SHAH_2004 = defineRows([
  {
    id: 'D17',
    of: 'neck-closing-b',
    for: 'root-cervical',
    subject: 'Spurling',
    target: 'Soft disc prolapse',
    from: shah2004,
    criterion: 'Surgical-type sample.',
    sens: { value: 0.93 },
    spec: { value: 0.95 },
    counts: { tp: 27, fn: 2, fp: 1, tn: 20 },
    confidence: 'medium',
    use: { use: 'shown', because: 'A surgical sample, and which way was used is not known' },
  },
])
