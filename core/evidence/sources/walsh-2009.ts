import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Nerve mechanosensitivity. */
export const walsh2009: Study = {
  id: 'walsh-2009',
  cite: 'Walsh & Hall 2009 Man Ther',
  people: 'Not known here',
  reference: 'SLR/slump positive',
  n: 45,
  cohort: 'walsh-2009',
  checkedAgainstPaper: false,
}

export const WALSH_2009 = defineRows([
  {
    id: 'B46',
    of: null,
    for: null,
    subject: 'Sciatic/tibial/peroneal nerve palpation tenderness',
    target: 'Nerve mechanosensitivity',
    from: walsh2009,
    criterion: 'Reference is another clinical test.',
    sens: { value: 0.83 },
    spec: { value: 0.73 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
