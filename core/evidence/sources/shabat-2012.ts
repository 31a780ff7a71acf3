import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Root compression on imaging. */
export const shabat2012: Study = {
  id: 'shabat-2012',
  cite: 'Shabat 2012 J Neuroimaging',
  people: 'Not known here',
  reference: 'MRI/CT',
  n: 257,
  cohort: 'shabat-2012',
  checkedAgainstPaper: false,
}

export const SHABAT_2012 = defineRows([
  {
    id: 'D18',
    of: 'neck-closing-b',
    for: 'root-cervical',
    subject: 'Spurling',
    target: 'Root compression on imaging',
    from: shabat2012,
    criterion: 'Spurling',
    sens: { value: 0.95 },
    spec: { value: 0.94 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Which of the two ways was used is not known' },
  },
])
