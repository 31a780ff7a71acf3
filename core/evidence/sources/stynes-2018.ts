import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Sciatica vs referred leg pain. */
export const stynes2018: Study = {
  id: 'stynes-2018',
  cite: 'Stynes 2018 PLoS One',
  people: 'Not known here',
  reference: 'Clinician diagnosis ± MRI',
  n: 395,
  cohort: 'stynes-2018',
  checkedAgainstPaper: false,
}

export const STYNES_2018 = defineRows([
  {
    id: 'B40',
    of: null,
    for: null,
    subject: '5-item sciatica model (sensory change, pain below knee, leg > back, neural tension, neurological deficit)',
    target: 'Sciatica vs referred leg pain',
    from: stynes2018,
    criterion: 'Incorporation bias in the clinical reference.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: 'n/a (model)', other: 'AUC 0.95 (clinical), 0.82 (clinical + MRI)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
