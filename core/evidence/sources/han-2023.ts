import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain (intra-articular). */
export const han2023: Study = {
  id: 'han-2023',
  cite: 'Han 2023 eClinicalMedicine',
  people: 'Not known here',
  reference: 'SIJ blocks',
  n: null,
  cohort: 'han-2023',
  checkedAgainstPaper: false,
}

export const HAN_2023 = defineRows([
  {
    id: 'A22',
    of: 'pelvic-five',
    for: 'sij-pain',
    subject: 'Combination of SIJ provocation tests / absence of midline LBP (updated review)',
    target: 'SIJ pain (intra-articular)',
    from: han2023,
    criterion: 'Two SIJ findings had LR+ ≈2.4 and LR− ≈0.31–0.35; which number belongs to which finding not known.',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: 'about 2.4', lrNegative: 'about 0.3' },
    confidence: 'low',
    use: { use: 'shown', because: 'Which figure belongs to which finding is not known' },
  },
])
