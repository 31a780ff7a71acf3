import { defineGate } from '../gate'

const SIGNS = ['cancer', 'weight-loss', 'night-pain', 'no-better', 'age-over-50-new'] as const

/** One sign of a malignancy: go on with care and have it looked at. */
export const malignancyOne = defineGate({
  id: 'malignancy-one',
  strength: 'caution',
  when: { atLeast: 1, of: ['cancer', 'weight-loss', 'night-pain', 'no-better'] },
  bars: { all: true },
  reason: 'One sign that a doctor should weigh.',
  do: 'Go gently, and arrange a medical review.',
})

/** Two signs or more stop provocation; age together with duration alone asks for a review and does not. */
export const malignancy = defineGate({
  id: 'malignancy',
  strength: 'halt',
  when: { atLeast: 2, of: SIGNS, andAny: ['cancer', 'weight-loss', 'night-pain'] },
  bars: { all: true },
  reason: 'Several signs of a serious illness together.',
  do: 'No provocation. Medical assessment first.',
})
