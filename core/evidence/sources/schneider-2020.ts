import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain (intra-articular). */
export const schneider2020: Study = {
  id: 'schneider-2020',
  cite: 'Schneider BJ 2020 Pain Med',
  people: 'Not known here',
  reference: 'Image-guided SIJ injection',
  n: null,
  cohort: 'schneider-2020',
  checkedAgainstPaper: false,
}

export const SCHNEIDER_2020 = defineRows([
  {
    id: 'A34',
    of: null,
    for: null,
    subject: 'Provocation tests, single and combined',
    target: 'SIJ pain (intra-articular)',
    from: schneider2020,
    criterion: 'Conclusion: no manoeuvre or combination predicted response. Used as negative evidence only.',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: 'near 1', lrNegative: 'near 1' },
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
