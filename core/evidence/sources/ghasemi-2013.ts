import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const ghasemi2013: Study = {
  id: 'ghasemi-2013',
  cite: 'Ghasemi 2013 J Res Med Sci',
  people: 'Not known here',
  reference: 'Electrodiagnosis',
  n: 97,
  cohort: 'ghasemi-2013',
  checkedAgainstPaper: false,
}

export const GHASEMI_2013 = defineRows([
  {
    id: 'D21',
    of: 'ulnt-1',
    for: 'root-cervical',
    subject: 'Spurling / ULTT / shoulder abduction',
    target: 'Cervical radiculopathy',
    from: ghasemi2013,
    criterion: 'Figures not known; single tests low sensitivity.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: 'ULTT about 0.60 acute, 0.35 chronic' },
    confidence: 'low',
    use: { use: 'shown', because: 'Figures not known' },
  },
])
