import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Hip (vs spine) source. */
export const brown2004: Study = {
  id: 'brown-2004',
  cite: 'Brown 2004 Clin Orthop Relat Res',
  people: 'Not known here',
  reference: 'Surgeon diagnosis',
  n: 97,
  cohort: 'brown-2004',
  checkedAgainstPaper: false,
}

export const BROWN_2004 = defineRows([
  {
    id: 'I17',
    of: null,
    for: null,
    subject: 'Restricted hip IR or limp or groin pain',
    target: 'Hip (vs spine) source',
    from: brown2004,
    criterion: 'Use when hip and spine compete.',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: 'ORs ≈14 (IR), 7 (limp), 7 (groin); positive FNST ≈5 for spine' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
