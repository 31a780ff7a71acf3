import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Having LBP (vs none). */
export const cibulka1999: Study = {
  id: 'cibulka-1999',
  cite: 'Cibulka & Koldehoff 1999 J Orthop Sports Phys Ther',
  people: 'Not known here',
  reference: 'Self-reported LBP – NOT SIJ source',
  n: 219,
  cohort: 'cibulka-1999',
  checkedAgainstPaper: false,
}

export const CIBULKA_1999 = defineRows([
  {
    id: 'A52',
    of: null,
    for: null,
    subject: '≥3 of 4 position/mobility tests (standing flexion, prone knee flexion, long-sit, sitting PSIS)',
    target: 'Having LBP (vs none)',
    from: cibulka1999,
    criterion: 'Reference is LBP presence, so it does not validate SIJ source. Reliability κ 0.88 (Cibulka 1988) not reproduced by Riddle & Freburger 2002.',
    sens: { value: 0.82 },
    spec: { value: 0.88 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
