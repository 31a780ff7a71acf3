import { LEG } from '../contraindicated'
import { defineGate } from '../gate'

/** A possible clot stops every leg test. */
export const legClot = defineGate({
  id: 'leg-clot',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Let the leg rest. No pressing, no stretching.',
  when: { atLeast: 1, of: ['swollen-calf'] },
  bars: { loading: LEG },
  reason: 'Possible deep vein thrombosis.',
  do: 'No leg tests. Same-day assessment.',
})
