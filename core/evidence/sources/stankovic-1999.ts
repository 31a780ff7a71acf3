import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** A much lower specificity of the slump. */
export const stankovic1999: Study = {
  id: 'stankovic-1999',
  cite: 'Stankovic 1999, Man Ther',
  people: 'Low-back and leg pain',
  reference: 'Disc herniation on MRI, CT or myelography',
  n: 105,
  cohort: 'stankovic',
  checkedAgainstPaper: false,
}

export const STANKOVIC_1999 = defineRows([
  {
    id: 'B17',
    of: 'slump',
    for: 'root-lumbar-low',
    from: stankovic1999,
    criterion: 'Not recalled',
    sens: { value: 0.83 },
    spec: { value: 0.55 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'The criterion was not recalled; shown because its specificity is much lower' },
  },
])
