import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Painful segment. */
export const phillips1996: Study = {
  id: 'phillips-1996',
  cite: 'Phillips & Twomey 1996 Man Ther',
  people: 'Not known here',
  reference: 'Uni-level spinal block',
  n: 72,
  cohort: 'phillips-1996',
  checkedAgainstPaper: false,
}

export const PHILLIPS_1996 = defineRows([
  {
    id: 'C35',
    of: null,
    for: null,
    subject: 'Manual diagnosis of symptomatic level',
    target: 'Painful segment',
    from: phillips1996,
    criterion: 'High agreement when verbal pain response allowed; exact figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
