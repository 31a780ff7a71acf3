import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Root involvement. */
export const iversen2013: Study = {
  id: 'iversen-2013',
  cite: 'Iversen 2013 BMC Musculoskelet Disord',
  people: 'Not known here',
  reference: 'MRI',
  n: 116,
  cohort: 'iversen-2013',
  checkedAgainstPaper: false,
}

export const IVERSEN_2013 = defineRows([
  {
    id: 'B43',
    of: null,
    for: null,
    subject: 'SLR etc. in chronic radiculopathy',
    target: 'Root involvement',
    from: iversen2013,
    criterion: 'L5 1.74, S1 1.29 (medium).',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: 'low except overall judgement L4 LR+ 6.28 (1.06–37.2)' },
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
