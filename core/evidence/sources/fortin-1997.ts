import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain (intra-articular). */
export const fortin1997: Study = {
  id: 'fortin-1997',
  cite: 'Fortin & Falco 1997 Am J Orthop',
  people: 'Not known here',
  reference: 'Provocation-positive SIJ injection',
  n: 16,
  cohort: 'fortin-1997',
  checkedAgainstPaper: false,
}

export const FORTIN_1997 = defineRows([
  {
    id: 'A37',
    of: null,
    for: null,
    subject: 'Fortin finger (points with one finger, inferomedial to PSIS, within about 1 cm, repeatable twice)',
    target: 'SIJ pain (intra-articular)',
    from: fortin1997,
    criterion: 'No negatives tested: sens/spec cannot be computed. Fortin 1994 map: patch about 10 cm caudal × 3 cm lateral from PSIS.',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: '16/16 had provocation-positive joints' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
