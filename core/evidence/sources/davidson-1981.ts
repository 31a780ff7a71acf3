import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical root compression. */
export const davidson1981: Study = {
  id: 'davidson-1981',
  cite: 'Davidson 1981 Spine',
  people: 'Not known here',
  reference: 'Myelography/surgery',
  n: 22,
  cohort: 'davidson-1981',
  checkedAgainstPaper: false,
}

export const DAVIDSON_1981 = defineRows([
  {
    id: 'D20',
    of: 'shoulder-abduction-relief',
    for: 'root-cervical',
    subject: 'Shoulder abduction relief',
    target: 'Cervical root compression',
    from: davidson1981,
    criterion: 'No controls.',
    sens: { value: 0.68 },
    spec: null,
    counts: null,
    printed: { spec: 'not tested', other: 'TP15 FN7' },
    confidence: 'medium',
    use: { use: 'shown', because: 'No people without the condition were examined' },
  },
])
