import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Hip extension deficit. */
export const vigotsky2016: Study = {
  id: 'vigotsky-2016',
  cite: 'Vigotsky 2016 PeerJ',
  people: 'Not known here',
  reference: 'Motion analysis',
  n: null,
  cohort: 'vigotsky-2016',
  checkedAgainstPaper: false,
}

export const VIGOTSKY_2016 = defineRows([
  {
    id: 'I16',
    of: null,
    for: null,
    subject: 'Modified Thomas',
    target: 'Hip extension deficit',
    from: vigotsky2016,
    criterion: 'Only valid with pelvic tilt controlled. Peeler & Anderson: κ 0.39.',
    sens: { value: 0.32 },
    spec: { value: 0.57 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
