import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** FAI / labral tear. */
export const reiman2015: Study = {
  id: 'reiman-2015',
  cite: 'Reiman 2015 Br J Sports Med (meta-analysis)',
  people: 'Not known here',
  reference: 'Arthroscopy/MR',
  n: null,
  cohort: 'reiman-2015',
  checkedAgainstPaper: false,
}

export const REIMAN_2015 = defineRows([
  {
    id: 'I08',
    of: null,
    for: null,
    subject: 'FADIR',
    target: 'FAI / labral tear',
    from: reiman2015,
    criterion: 'Rule-out only.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.94–0.99', spec: '0.05–0.09', lrPositive: 'about 1.0 (d)', lrNegative: '0.1–1.2 (d, range)' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
