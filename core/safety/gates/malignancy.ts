import { defineGate } from '../gate'

/** Two signs or more stop provocation; age together with duration alone asks for a review and does not. */
export const malignancy = defineGate({
  id: 'malignancy',
  strength: 'halt',
  urgency: 'medical-review',
  person: 'Let them sit and stay beside them.',
  when: { atLeast: 2, of: ['cancer', 'weight-loss', 'night-pain', 'no-better', 'age-over-50-new'], andAny: ['cancer', 'weight-loss', 'night-pain'] },
  bars: { all: true },
  reason: 'Several red flags for malignancy together.',
  do: 'No provocation. Medical assessment first.',
})
