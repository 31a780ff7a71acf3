import { defineGate } from '../gate'

/** A possible clot stops every leg test. */
export const legClot = defineGate({
  id: 'leg-clot',
  strength: 'halt',
  when: { atLeast: 1, of: ['swollen-calf'] },
  bars: {
    tests: ['slump', 'seated-leg-raise', 'leg-raise', 'leg-raise-ankle', 'crossed-leg-raise', 'hip-internal-rotation', 'thigh-thrust', 'gaenslen', 'faber'],
  },
  reason: 'A clot in the leg is possible.',
  do: 'No leg tests. Same-day assessment.',
})
