import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const laslett2004: Study = {
  id: 'laslett-2004',
  cite: 'Laslett 2004 BMC Musculoskelet Disord',
  people: 'Not known here',
  reference: 'Facet/medial-branch blocks, 75%+ relief',
  n: 116,
  cohort: 'laslett-2004',
  checkedAgainstPaper: false,
}

export const LASLETT_2004 = defineRows([
  {
    id: 'C01',
    of: 'back-facet-older',
    for: 'facet-lumbar',
    subject: 'Revel criteria as a screen (≥5 of 7)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: laslett2004,
    criterion: 'Fails as a screening test.',
    sens: null,
    spec: { value: 0.9 },
    counts: null,
    printed: { sens: '<0.17', lrPositive: 'about 1.7 (d, upper bound)', lrNegative: 'about 0.92 (d)' },
    confidence: 'high',
    use: { use: 'shown', because: 'Shows that the rule fails as a screening test' },
  },
  {
    id: 'C02',
    of: 'lumbar-quadrant',
    for: 'facet-lumbar',
    subject: 'Extension–rotation (quadrant/Kemp)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: laslett2004,
    criterion: 'Useful only when NEGATIVE. Positive = familiar paraspinal pain, not leg pain. Specificity printed as 0.12 in some secondary tables.',
    sens: { value: 1, interval: [0.8, 1] },
    spec: { value: 0.22, interval: [0.15, 0.32] },
    counts: null,
    confidence: 'medium',
    speaks: 'negative',
    use: { use: 'preferred', because: 'Useful only when negative; a positive says nothing' },
  },
])
