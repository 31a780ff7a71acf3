import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Hip OA. */
export const altman1991: Study = {
  id: 'altman-1991',
  cite: 'Altman 1991 Arthritis Rheum',
  people: 'Not known here',
  reference: 'Rheumatologist diagnosis',
  n: 201,
  cohort: 'altman-1991',
  checkedAgainstPaper: false,
}

export const ALTMAN_1991 = defineRows([
  {
    id: 'I18',
    of: null,
    for: null,
    subject: 'ACR clinical hip OA (hip pain + IR ≥15° + pain on IR + stiffness ≤60 min + age >50; or IR<15° + flexion ≤115°)',
    target: 'Hip OA',
    from: altman1991,
    criterion: 'ACR clinical hip OA (hip pain + IR ≥15° + pain on IR + stiffness ≤60 min + age >50; or IR<15° + flexion ≤115°)',
    sens: { value: 0.86 },
    spec: { value: 0.75 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
