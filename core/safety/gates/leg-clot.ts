import { defineGate } from '../gate'
import { LEG_TESTS } from '../regions'

/** A possible clot stops every leg test. */
export const legClot = defineGate({
  id: 'leg-clot',
  strength: 'halt',
  when: { atLeast: 1, of: ['swollen-calf'] },
  bars: { tests: LEG_TESTS },
  reason: 'A clot in the leg is possible.',
  do: 'No leg tests. Same-day assessment.',
})
