import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Fixed segment. */
export const humphreys2004: Study = {
  id: 'humphreys-2004',
  cite: 'Humphreys 2004 BMC Musculoskelet Disord',
  people: 'Not known here',
  reference: 'Radiograph',
  n: 3,
  cohort: 'humphreys-2004',
  checkedAgainstPaper: false,
}

export const HUMPHREYS_2004 = defineRows([
  {
    id: 'F08',
    of: null,
    for: null,
    subject: 'Palpation for hypomobile segment (congenital block vertebra)',
    target: 'Fixed segment',
    from: humphreys2004,
    criterion: 'κ 0.46–0.76. Extreme-stiffness spectrum.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.55–0.78', spec: '0.91–0.98', lrPositive: '6–39 (d, range)', lrNegative: '0.22–0.50 (d, range)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
