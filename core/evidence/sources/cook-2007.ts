import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Pelvic girdle pain. */
export const cook2007: Study = {
  id: 'cook-2007',
  cite: 'Cook 2007 J Manipulative Physiol Ther',
  people: 'Not known here',
  reference: 'Clinical',
  n: null,
  cohort: 'cook-2007',
  checkedAgainstPaper: false,
}

export const COOK_2007 = defineRows([
  {
    id: 'A56',
    of: null,
    for: null,
    subject: 'Pelvic girdle pain battery (thigh thrust + Gaenslen + ASLR etc.)',
    target: 'Pelvic girdle pain',
    from: cook2007,
    criterion: 'Known to exist; figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
