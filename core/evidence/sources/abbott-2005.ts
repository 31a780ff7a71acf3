import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Segmental motion abnormality. */
export const abbott2005: Study = {
  id: 'abbott-2005',
  cite: 'Abbott 2005 BMC Musculoskelet Disord',
  people: 'Not known here',
  reference: 'Flexion–extension radiographs',
  n: 138,
  cohort: 'abbott-2005',
  checkedAgainstPaper: false,
}

export const ABBOTT_2005 = defineRows([
  {
    id: 'C34a',
    of: 'level-hyper',
    for: 'instability-lumbar',
    subject: 'Pressure from behind, rotation',
    target: 'Segmental motion abnormality',
    from: abbott2005,
    criterion: 'Extension PPIVM: 0.22 (rotation), 0.16 (translation) with spec 0.97–0.98, LR+ about 7.1 (1.7–29) – medium/low.',
    sens: { value: 0.33 },
    spec: { value: 0.88 },
    lrPositive: { value: 2.8 },
    lrNegative: { value: 0.76 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Abnormal motion of either kind counted' },
  },
  {
    id: 'C34b',
    of: 'level-hyper',
    for: 'instability-lumbar',
    subject: 'Pressure from behind, translation',
    target: 'Segmental motion abnormality',
    from: abbott2005,
    criterion: 'Extension PPIVM: 0.22 (rotation), 0.16 (translation) with spec 0.97–0.98, LR+ about 7.1 (1.7–29) – medium/low.',
    sens: { value: 0.29 },
    spec: { value: 0.89 },
    lrPositive: { value: 2.5, interval: [1.15, 5.5] },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Abnormal motion of either kind counted' },
  },
])
