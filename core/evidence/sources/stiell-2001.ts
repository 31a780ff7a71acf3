import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Clinically important cervical injury. */
export const stiell2001: Study = {
  id: 'stiell-2001',
  cite: 'Stiell 2001 JAMA',
  people: 'Not known here',
  reference: 'Radiography/CT + follow-up',
  n: 8924,
  cohort: 'stiell-2001',
  checkedAgainstPaper: false,
}

export const STIELL_2001 = defineRows([
  {
    id: 'E13',
    of: null,
    for: null,
    subject: 'Canadian C-spine rule',
    target: 'Clinically important cervical injury',
    from: stiell2001,
    criterion: 'Validation: Stiell 2003 N Engl J Med n=8283, 0.994/0.451. Components in K table.',
    sens: { value: 1, interval: [0.98, 1] },
    spec: { value: 0.425, interval: [0.4, 0.44] },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
