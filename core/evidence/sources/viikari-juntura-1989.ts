import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Root compression. */
export const viikariJuntura1989: Study = {
  id: 'viikari-juntura-1989',
  cite: 'Viikari-Juntura 1989 Spine',
  people: 'Not known here',
  reference: 'Myelography + neuro findings',
  n: 43,
  cohort: 'viikari-juntura-1989',
  checkedAgainstPaper: false,
}

export const VIIKARI_JUNTURA_1989 = defineRows([
  {
    id: 'D19',
    of: null,
    for: null,
    subject: 'Foraminal compression / axial traction / shoulder abduction',
    target: 'Root compression',
    from: viikariJuntura1989,
    criterion: 'High specificity, low sensitivity; ranges depend on root and side.',
    sens: null,
    spec: null,
    counts: null,
    printed: {
      sens: '0.28–0.60 / 0.26–0.43 / 0.31–0.43',
      spec: '0.92–1.00 / 1.00 / 0.80–1.00',
      lrPositive: '3.5–∞ (d, range)',
      lrNegative: '0.4–0.8 (d, range)',
    },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
