import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Inflammatory back pain. */
export const sieper2009: Study = {
  id: 'sieper-2009',
  cite: 'Sieper 2009 Ann Rheum Dis',
  people: 'Not known here',
  reference: 'Expert',
  n: 648,
  cohort: 'sieper-2009',
  checkedAgainstPaper: false,
}

export const SIEPER_2009 = defineRows([
  {
    id: 'K10',
    of: null,
    for: null,
    subject: '4 of 5 (onset <40, insidious, better with exercise, no better with rest, night pain)',
    target: 'Inflammatory back pain',
    from: sieper2009,
    criterion: 'Development 0.77/0.92.',
    sens: { value: 0.8 },
    spec: { value: 0.72 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
