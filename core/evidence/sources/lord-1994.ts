import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Third occipital headache. */
export const lord1994: Study = {
  id: 'lord-1994',
  cite: 'Lord 1994 J Neurol Neurosurg Psychiatry',
  people: 'Not known here',
  reference: 'TON blocks',
  n: 71,
  cohort: 'lord-1994',
  checkedAgainstPaper: false,
}

export const LORD_1994 = defineRows([
  {
    id: 'F09',
    of: null,
    for: null,
    subject: 'Third occipital nerve-area (C2/3) tenderness',
    target: 'Third occipital headache',
    from: lord1994,
    criterion: 'Prevalence 27%.',
    sens: { value: 0.85 },
    spec: null,
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
