import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** C1/2-related cervicogenic headache. */
export const ogince2007: Study = {
  id: 'ogince-2007',
  cite: 'Ogince 2007 Man Ther',
  people: 'Headache from the neck, migraine, and healthy people',
  reference: 'Clinical criteria',
  n: 58,
  cohort: 'ogince-2007',
  checkedAgainstPaper: false,
}

export const OGINCE_2007 = defineRows([
  {
    id: 'E06',
    of: 'flexion-rotation',
    for: 'joint-upper-neck',
    subject: 'Flexion–rotation test, cut-off ≤32°',
    target: 'C1/2-related cervicogenic headache',
    from: ogince2007,
    criterion: 'κ 0.81.',
    sens: { value: 0.91 },
    spec: { value: 0.9 },
    counts: null,
    printed: { other: 'TP21 FN2; FP/TN not reconstructable exactly' },
    confidence: 'high',
    use: { use: 'shown', because: 'Compared with healthy people; the mixed headache clinic leads' },
  },
])
