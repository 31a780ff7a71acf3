import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Carpal tunnel vs C6/C7. */
export const wainner2005: Study = {
  id: 'wainner-2005',
  cite: 'Wainner 2005 Arch Phys Med Rehabil',
  people: 'Not known here',
  reference: 'EMG/NCS',
  n: 82,
  cohort: 'wainner',
  checkedAgainstPaper: false,
}

export const WAINNER_2005 = defineRows([
  {
    id: 'L90',
    of: null,
    for: null,
    subject: 'CTS rule: hand-shaking relief, wrist ratio >0.67, symptom severity >1.9, thumb sensory loss, age >45',
    target: 'Carpal tunnel vs C6/C7',
    from: wainner2005,
    criterion: 'Same cohort as D01.',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: '≥4: 4.6; 5: 18.3' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
