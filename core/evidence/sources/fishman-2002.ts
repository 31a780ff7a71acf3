import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Piriformis/deep gluteal. */
export const fishman2002: Study = {
  id: 'fishman-2002',
  cite: 'Fishman 2002 Arch Phys Med Rehabil',
  people: 'Not known here',
  reference: 'H-reflex delay in FAIR position',
  n: 918,
  cohort: 'fishman-2002',
  checkedAgainstPaper: false,
}

export const FISHMAN_2002 = defineRows([
  {
    id: 'I09',
    of: null,
    for: null,
    subject: 'FAIR (flexion-adduction-internal rotation)',
    target: 'Piriformis/deep gluteal',
    from: fishman2002,
    criterion: 'Reference standard disputed.',
    sens: { value: 0.88 },
    spec: { value: 0.83 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
