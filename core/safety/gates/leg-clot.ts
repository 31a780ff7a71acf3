import { defineGate } from '../gate'
import { LEG } from '../barred'

/** A possible clot stops every leg test. */
export const legClot = defineGate({
  id: 'leg-clot',
  strength: 'halt',
  when: { atLeast: 1, of: ['swollen-calf'] },
  bars: { loading: LEG },
  reason: 'A clot in the leg is possible.',
  do: 'No leg tests. Same-day assessment.',
})
