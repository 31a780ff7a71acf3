import { defineGate } from '../gate'

/** One sign of a malignancy: go on with care and have it looked at. */
export const malignancyOne = defineGate({
  id: 'malignancy-one',
  strength: 'caution',
  when: { atLeast: 1, of: ['cancer', 'weight-loss', 'night-pain', 'no-better', 'age-over-50-new'] },
  bars: { all: true },
  reason: 'One red flag for malignancy.',
  do: 'Go gently, and arrange a medical review.',
})
