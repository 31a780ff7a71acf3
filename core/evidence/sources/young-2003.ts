import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ vs disc vs facet pain. */
export const young2003: Study = {
  id: 'young-2003',
  cite: 'Young 2003 Spine J',
  people: 'Not known here',
  reference: 'Diagnostic injections/discography',
  n: 81,
  cohort: 'young-2003',
  checkedAgainstPaper: false,
}

export const YOUNG_2003 = defineRows([
  {
    id: 'A38',
    of: null,
    for: null,
    subject: '≥3 provocation tests; pain on rising from sitting; unilateral; no midline lumbar pain',
    target: 'SIJ vs disc vs facet pain',
    from: young2003,
    criterion: '≥3 tests associated with SIJ pain (phi ≈0.60). Lack of pain on rising associated with facet pain; centralisation with disc pain.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
  {
    id: 'C13',
    of: 'repeated-movement',
    for: 'disc-annulus',
    subject: 'Centralisation',
    target: 'Discogenic pain',
    from: young2003,
    criterion: 'Centralisation',
    sens: { value: 0.47 },
    spec: { value: 1 },
    counts: null,
    printed: { lrPositive: '∞ (d)' },
    confidence: 'low',
    use: { use: 'shown', because: 'Figures known with doubt' },
  },
])
