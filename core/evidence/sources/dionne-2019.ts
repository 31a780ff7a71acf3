import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cauda equina compression. */
export const dionne2019: Study = {
  id: 'dionne-2019',
  cite: 'Dionne 2019 Musculoskelet Sci Pract',
  people: 'Not known here',
  reference: 'MRI',
  n: null,
  cohort: 'dionne-2019',
  checkedAgainstPaper: false,
}

export const DIONNE_2019 = defineRows([
  {
    id: 'K05',
    of: null,
    for: null,
    subject: 'CES symptoms/signs (single)',
    target: 'Cauda equina compression',
    from: dionne2019,
    criterion: 'No single sign excludes.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.19–0.43', spec: '0.62–0.88' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
