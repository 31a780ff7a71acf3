import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain of posterior-ligament origin vs lumbar stenosis/disc. */
export const kurosawa2017: Study = {
  id: 'kurosawa-2017',
  cite: 'Kurosawa 2017 Pain Med',
  people: 'Posterior pelvic ligament pain against stenosis or disc',
  reference: 'Periarticular (posterior ligament) injection',
  n: 121,
  cohort: 'kurosawa-2017',
  checkedAgainstPaper: false,
}

export const KUROSAWA_2017 = defineRows([
  {
    id: 'A36',
    of: 'pelvic-ligament-score',
    for: 'sij-ligament',
    subject:
      'Six-item score: one-finger PSIS (3), groin pain (2), pain sitting on chair (1), SIJ shear test (1), PSIS tenderness (1), sacrotuberous lig. tenderness (1); cut-off ≥4/9',
    target: 'SIJ pain of posterior-ligament origin vs lumbar stenosis/disc',
    from: kurosawa2017,
    criterion:
      'The only well-known LIGAMENT-oriented SIJ score. Case–control spectrum, single group; weights medium confidence. One-finger area within about 2 cm of PSIS.',
    sens: { value: 0.903 },
    spec: { value: 0.864 },
    counts: { tp: 56, fn: 6, fp: 8, tn: 51 },
    confidence: 'medium',
    use: { use: 'preferred', because: 'The only score for the ligaments; a case-control study, so likely too good' },
  },
])
