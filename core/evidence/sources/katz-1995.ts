import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar spinal stenosis. */
export const katz1995: Study = {
  id: 'katz-1995',
  cite: 'Katz 1995 Arthritis Rheum',
  people: 'Not known here',
  reference: 'Expert + imaging',
  n: 93,
  cohort: 'katz-1995',
  checkedAgainstPaper: false,
}

export const KATZ_1995 = defineRows([
  {
    id: 'B48',
    of: null,
    for: null,
    subject: 'No pain when seated',
    target: 'Lumbar spinal stenosis',
    from: katz1995,
    criterion: 'Wide-based gait 0.43/0.97; thigh pain after 30 s extension 0.51/0.69; abnormal Romberg 0.39/0.91.',
    sens: { value: 0.46 },
    spec: { value: 0.93 },
    lrPositive: { value: 6.6 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
