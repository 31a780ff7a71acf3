import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Instability. */
export const hutting2013: Study = {
  id: 'hutting-2013',
  cite: 'Hutting 2013 Phys Ther',
  people: 'Not known here',
  reference: 'mixed',
  n: null,
  cohort: 'hutting-2013',
  checkedAgainstPaper: false,
}

export const HUTTING_2013 = defineRows([
  {
    id: 'E05',
    of: null,
    for: null,
    subject: 'Upper cervical instability tests (review)',
    target: 'Instability',
    from: hutting2013,
    criterion: 'Not recommended as a screen; negative does not clear. Ranges not known.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: 'variable', spec: 'mostly high' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
