import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** CGH vs migraine/other headache. */
export const hall2010: Study = {
  id: 'hall-2010',
  cite: 'Hall 2010 J Headache Pain',
  people: 'Mixed headache clinic',
  reference: 'Clinical criteria',
  n: 60,
  cohort: 'hall-2010',
  checkedAgainstPaper: false,
}

export const HALL_2010 = defineRows([
  {
    id: 'E07',
    of: 'flexion-rotation',
    for: 'joint-upper-neck',
    subject: 'Flexion–rotation test, cut-off 30°',
    target: 'CGH vs migraine/other headache',
    from: hall2010,
    criterion: 'Mean range: CGH 25°, migraine 42°, mixed 35°. Realistic headache-clinic values: use as default.',
    sens: { value: 0.7 },
    spec: { value: 0.7 },
    counts: { tp: 14, fn: 6, fp: 12, tn: 28 },
    confidence: 'high',
    use: { use: 'preferred', because: 'A mixed headache clinic: the careful default' },
  },
])
