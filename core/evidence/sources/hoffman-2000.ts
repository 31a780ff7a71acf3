import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Clinically important cervical injury. */
export const hoffman2000: Study = {
  id: 'hoffman-2000',
  cite: 'Hoffman 2000 N Engl J Med',
  people: 'Not known here',
  reference: 'Radiography',
  n: 34069,
  cohort: 'hoffman-2000',
  checkedAgainstPaper: false,
}

export const HOFFMAN_2000 = defineRows([
  {
    id: 'E14',
    of: null,
    for: null,
    subject: 'NEXUS low-risk criteria',
    target: 'Clinically important cervical injury',
    from: hoffman2000,
    criterion: 'In the head-to-head (Stiell 2003 N Engl J Med): 0.907/0.368.',
    sens: null,
    spec: { value: 0.129 },
    lrPositive: { value: 1.14 },
    counts: null,
    printed: { sens: '0.990 (all injuries); 0.996 (clinically important)', lrNegative: 'about 0.03–0.08 (d)' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
