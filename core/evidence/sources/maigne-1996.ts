import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain (intra-articular). */
export const maigne1996: Study = {
  id: 'maigne-1996',
  cite: 'Maigne 1996 Spine',
  people: 'Not known here',
  reference: 'Double SIJ block, ≥75% relief',
  n: 54,
  cohort: 'maigne-1996',
  checkedAgainstPaper: false,
}

export const MAIGNE_1996 = defineRows([
  {
    id: 'A33',
    of: null,
    for: null,
    subject: 'Seven provocation tests singly',
    target: 'SIJ pain (intra-articular)',
    from: maigne1996,
    criterion: 'No test reached useful association; single-block false positives noted (about 20%). Prevalence 18.5%.',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: '10/54 block-positive' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
