import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Vertebral fracture. */
export const henschke2009: Study = {
  id: 'henschke-2009',
  cite: 'Henschke 2009 Arthritis Rheum',
  people: 'Not known here',
  reference: 'Imaging/follow-up',
  n: 1172,
  cohort: 'henschke-2009',
  checkedAgainstPaper: false,
}

export const HENSCHKE_2009 = defineRows([
  {
    id: 'K01',
    of: null,
    for: null,
    subject: 'Age >70 / prolonged corticosteroid / severe trauma / female',
    target: 'Vertebral fracture',
    from: henschke2009,
    criterion: '1 feature LR+ about 1.8 (low); 2 features LR+ 15.5; ≥3 LR+ 218.3. Serious pathology 0.9%.',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: '11.2 / 48.5 / 10.0 / 2.3', other: '8 fractures' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
