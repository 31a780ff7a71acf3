import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** L3/L4 radiculopathy (quadriceps). */
export const rainville2003: Study = {
  id: 'rainville-2003',
  cite: 'Rainville 2003 Spine J',
  people: 'Not known here',
  reference: 'Imaging + clinical',
  n: 52,
  cohort: 'rainville-2003',
  checkedAgainstPaper: false,
}

export const RAINVILLE_2003 = defineRows([
  {
    id: 'B32',
    of: null,
    for: null,
    subject: 'Single-leg sit-to-stand inability',
    target: 'L3/L4 radiculopathy (quadriceps)',
    from: rainville2003,
    criterion: 'Better than bench manual muscle test at detecting quadriceps weakness.',
    sens: { value: 0.61 },
    spec: null,
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
