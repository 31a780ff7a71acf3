import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Athletic groin pain with pubic bone-marrow oedema. */
export const verrall2005: Study = {
  id: 'verrall-2005',
  cite: 'Verrall 2005 Scand J Med Sci Sports',
  people: 'Not known here',
  reference: 'MRI',
  n: 89,
  cohort: 'verrall-2005',
  checkedAgainstPaper: false,
}

export const VERRALL_2005 = defineRows([
  {
    id: 'A53',
    of: null,
    for: null,
    subject: 'Bilateral adductor test / squeeze / single adductor',
    target: 'Athletic groin pain with pubic bone-marrow oedema',
    from: verrall2005,
    criterion: 'Nearest accuracy data to "pubic" stress tests.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.54 / 0.43 / 0.30', spec: '0.93 / 0.91 / 0.91', lrPositive: '7.7 / 4.8 / 3.3 (d)', lrNegative: '0.49 / 0.63 / 0.77 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
