import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const laslett2006: Study = {
  id: 'laslett-2006',
  cite: 'Laslett 2006 Spine J',
  people: 'Not known here',
  reference: 'Facet blocks, 95% relief',
  n: 120,
  cohort: 'laslett-2006',
  checkedAgainstPaper: false,
}

export const LASLETT_2006 = defineRows([
  {
    id: 'C03',
    of: 'back-facet-newer',
    for: 'facet-lumbar',
    subject: '≥3 of 5 (age ≥50, best walking, best sitting, onset paraspinal, positive extension–rotation)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: laslett2006,
    criterion: 'Derivation only; several rules in the paper; related summary quotes LR+ 7.6 (4.5–13.2). Other predictors: MSPQ >13, absence of centralisation.',
    sens: { value: 0.85 },
    spec: { value: 0.91 },
    lrPositive: { value: 9.7 },
    lrNegative: { value: 0.17 },
    counts: null,
    printed: { other: 'few responders (about 13)' },
    confidence: 'low',
    use: { use: 'shown', because: 'Derived only, and known with doubt' },
  },
  {
    id: 'C39',
    of: null,
    for: null,
    subject: 'Age ≥50, best walking/sitting etc. (single items)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: laslett2006,
    criterion: 'Single-item figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
