import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Many outpatients: the leg raise is poor outside surgery. */
export const capra2011: Study = {
  id: 'capra-2011',
  cite: 'Capra 2011, J Manipulative Physiol Ther',
  people: 'Sciatica, outpatients',
  reference: 'Disc herniation on MRI',
  n: 2352,
  cohort: 'capra',
  checkedAgainstPaper: false,
}

export const CAPRA_2011 = defineRows([
  {
    id: 'B05',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: capra2011,
    criterion: 'Any positive leg raise',
    sens: { value: 0.36 },
    spec: { value: 0.74 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Judged by herniation on MRI, which many people without symptoms have' },
  },
])
