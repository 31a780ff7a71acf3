import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Segmental instability. */
export const noSeparateAccuracyStudy: Study = {
  id: 'no-separate-accuracy-study',
  cite: 'no separate accuracy study',
  people: 'Not known here',
  reference: 'none beyond C20',
  n: null,
  cohort: 'no-separate-accuracy-study',
  checkedAgainstPaper: false,
}

export const NO_SEPARATE_ACCURACY_STUDY = defineRows([
  {
    id: 'C38',
    of: 'side-lying-shear',
    for: 'instability-lumbar',
    subject: 'Side-lying shear',
    target: 'Segmental instability',
    from: noSeparateAccuracyStudy,
    criterion: 'Treat as C20, not as independent test.',
    sens: null,
    spec: null,
    lrPositive: { value: 1.1 },
    lrNegative: { value: 0.9 },
    counts: null,
    printed: { sens: '0.57 (as posterior shear, C20)', spec: '0.48 (as posterior shear, C20)', other: 'see C20' },
    confidence: 'medium',
    use: { use: 'shown', because: 'The same figures as C20, not independent' },
  },
])
