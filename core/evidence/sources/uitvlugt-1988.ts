import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Atlanto-axial subluxation >3 mm (RA). */
export const uitvlugt1988: Study = {
  id: 'uitvlugt-1988',
  cite: 'Uitvlugt & Indenbaum 1988 Arthritis Rheum',
  people: 'Rheumatoid arthritis',
  reference: 'Flexion radiograph',
  n: 123,
  cohort: 'uitvlugt-1988',
  checkedAgainstPaper: false,
}

export const UITVLUGT_1988 = defineRows([
  {
    id: 'E01',
    of: 'upper-neck-shear',
    for: 'laxity-upper-neck',
    subject: 'Sharp–Purser',
    target: 'Atlanto-axial subluxation >3 mm (RA)',
    from: uitvlugt1988,
    criterion: 'RA only. Sens 0.88 if >4 mm. Rheumatoid-type population; do not transfer to trauma. Relocation clunk or symptom relief = positive.',
    sens: { value: 0.69 },
    spec: { value: 0.96 },
    counts: { tp: 22, fn: 10, fp: 4, tn: 87 },
    printed: { lrPositive: '17.3 / 15.6 (d)' },
    confidence: 'high',
    use: { use: 'shown', because: 'Rheumatoid arthritis only; a positive halts whatever the figure' },
  },
])
