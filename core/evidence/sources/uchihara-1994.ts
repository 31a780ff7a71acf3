import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical cord lesion. */
export const uchihara1994: Study = {
  id: 'uchihara-1994',
  cite: 'Uchihara 1994 Spine',
  people: 'Not known here',
  reference: 'MRI',
  n: 65,
  cohort: 'uchihara-1994',
  checkedAgainstPaper: false,
}

export const UCHIHARA_1994 = defineRows([
  {
    id: 'D32',
    of: 'neck-flexion-shock',
    for: 'cord',
    subject: 'Lhermitte (neck flexion)',
    target: 'Cervical cord lesion',
    from: uchihara1994,
    criterion: 'Spurling 0.28/1.00; brachial plexus compression 0.69/0.83 in same study. Positive Lhermitte = myelopathy screen, not radiculopathy.',
    sens: null,
    spec: { value: 0.97 },
    counts: null,
    printed: { sens: '<0.28', lrPositive: 'about 9 (d)', lrNegative: 'about 0.74 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Only an upper bound of the sensitivity; a positive halts whatever the figure' },
  },
])
