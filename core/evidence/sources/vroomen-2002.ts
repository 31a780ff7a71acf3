import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Leg raise outside surgical populations, with typical leg pain as the criterion. */
export const vroomen2002: Study = {
  id: 'vroomen-2002',
  cite: 'Vroomen 2002, J Neurol Neurosurg Psychiatry',
  people: 'Leg pain, from primary care and neurology',
  reference: 'Root compression on MRI',
  n: 274,
  cohort: 'vroomen',
  checkedAgainstPaper: false,
}

export const VROOMEN_2002 = defineRows([
  {
    id: 'B10',
    of: 'leg-raise',
    variants: ['neutral'],
    for: 'root-lumbar-low',
    from: vroomen2002,
    criterion: 'Typical leg pain, below 60°',
    sens: { value: 0.64 },
    spec: { value: 0.57 },
    counts: null,
    confidence: 'medium',
    use: { use: 'preferred', because: 'Typical leg pain is the criterion used here too, and the people were not selected for surgery' },
  },
])
