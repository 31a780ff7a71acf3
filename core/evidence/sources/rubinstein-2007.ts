import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const rubinstein2007: Study = {
  id: 'rubinstein-2007',
  cite: 'Rubinstein 2007 Eur Spine J',
  people: 'Not known here',
  reference: 'mixed',
  n: null,
  cohort: 'rubinstein-2007',
  checkedAgainstPaper: false,
}

export const RUBINSTEIN_2007 = defineRows([
  {
    id: 'D28',
    of: null,
    for: null,
    subject: 'Spurling, traction, Valsalva (positive) / ULTT (negative)',
    target: 'Cervical radiculopathy',
    from: rubinstein2007,
    criterion: 'Qualitative review.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: 'low–moderate / high', spec: 'high / low' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
