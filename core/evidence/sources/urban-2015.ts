import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Slump against neuropathic pain, in few people. */
export const urban2015: Study = {
  id: 'urban-2015',
  cite: 'Urban & MacNeil 2015, J Orthop Sports Phys Ther',
  people: 'Low-back and leg pain',
  reference: 'Grading of neuropathic pain',
  n: 21,
  cohort: 'urban',
  checkedAgainstPaper: false,
}

export const URBAN_2015 = defineRows([
  {
    id: 'B18',
    of: 'slump',
    for: 'root-lumbar-low',
    from: urban2015,
    criterion: 'Symptom reproduced',
    sens: { value: 0.91, interval: [0.59, 1] },
    spec: { value: 0.7, interval: [0.35, 0.93] },
    counts: { tp: 10, fn: 1, fp: 3, tn: 7 },
    confidence: 'high',
    use: { use: 'shown', because: '21 people, and judged by neuropathic pain rather than by a root' },
  },
  {
    id: 'B19',
    of: 'slump',
    for: 'root-lumbar-low',
    from: urban2015,
    criterion: 'Symptom below the knee reproduced',
    sens: { value: 0.55 },
    spec: { value: 1 },
    counts: { tp: 6, fn: 5, fp: 0, tn: 10 },
    confidence: 'high',
    use: { use: 'shown', because: '21 people; counts only pain below the knee' },
  },
])
