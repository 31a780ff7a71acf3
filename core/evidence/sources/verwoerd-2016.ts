import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** MRI root compression / herniation. */
export const verwoerd2016: Study = {
  id: 'verwoerd-2016',
  cite: 'Verwoerd 2016 Eur Spine J',
  people: 'Not known here',
  reference: 'MRI',
  n: 395,
  cohort: 'verwoerd-2016',
  checkedAgainstPaper: false,
}

export const VERWOERD_2016 = defineRows([
  {
    id: 'B39',
    of: null,
    for: null,
    subject: 'Leg pain worse on cough/sneeze/strain',
    target: 'MRI root compression / herniation',
    from: verwoerd2016,
    criterion: 'Ask specifically for LEG pain worsening (not back pain).',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: 'n/a; DOR 2.28 (1.28–4.04) / 2.50 (1.27–4.90)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
