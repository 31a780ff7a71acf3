import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** L2–L4 root / far-lateral disc. */
export const porchet1994: Study = {
  id: 'porchet-1994',
  cite: 'Porchet 1994 and others',
  people: 'Not known here',
  reference: 'Surgery',
  n: null,
  cohort: 'porchet-1994',
  checkedAgainstPaper: false,
}

export const PORCHET_1994 = defineRows([
  {
    id: 'B45',
    of: 'femoral-stretch',
    for: 'root-lumbar-mid',
    subject: 'Femoral nerve stretch (older series)',
    target: 'L2–L4 root / far-lateral disc',
    from: porchet1994,
    criterion: 'No specificity. Quadriceps tightness and hip disease confound.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: 'about 0.84–0.95 (far-lateral series)' },
    confidence: 'low',
    use: { use: 'shown', because: 'No specificity is known' },
  },
])
