import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Vertebral fracture. */
export const downie2013: Study = {
  id: 'downie-2013',
  cite: 'Downie 2013 BMJ',
  people: 'Not known here',
  reference: 'Imaging',
  n: null,
  cohort: 'downie-2013',
  checkedAgainstPaper: false,
}

export const DOWNIE_2013 = defineRows([
  {
    id: 'K02',
    of: null,
    for: null,
    subject: 'Single red flags for fracture',
    target: 'Vertebral fracture',
    from: downie2013,
    criterion: 'Multiple flags 90%.',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: 'post-test: age 9%, trauma 11%, steroid 33%, contusion 62%' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
