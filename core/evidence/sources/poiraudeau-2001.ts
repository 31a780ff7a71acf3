import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar disc herniation / root compression. */
export const poiraudeau2001: Study = {
  id: 'poiraudeau-2001',
  cite: 'Poiraudeau 2001 Rheumatology',
  people: 'Not known here',
  reference: 'CT/MRI',
  n: 78,
  cohort: 'poiraudeau-2001',
  checkedAgainstPaper: false,
}

export const POIRAUDEAU_2001 = defineRows([
  {
    id: 'B44',
    of: null,
    for: null,
    subject: 'Bell test and hyperextension vs Lasègue',
    target: 'Lumbar disc herniation / root compression',
    from: poiraudeau2001,
    criterion: 'Figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
