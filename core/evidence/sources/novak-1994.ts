import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cubital tunnel vs C8. */
export const novak1994: Study = {
  id: 'novak-1994',
  cite: 'Novak 1994 J Hand Surg Am',
  people: 'Not known here',
  reference: 'NCS + clinical',
  n: 65,
  cohort: 'novak-1994',
  checkedAgainstPaper: false,
}

export const NOVAK_1994 = defineRows([
  {
    id: 'L91',
    of: null,
    for: null,
    subject: 'Elbow flexion + cubital tunnel pressure',
    target: 'Cubital tunnel vs C8',
    from: novak1994,
    criterion: 'Case–control.',
    sens: { value: 0.98 },
    spec: { value: 0.95 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
