import { FORCEFUL } from '../contraindicated'
import { defineGate } from '../gate'

/** Severe bone weakness: the full grade is not given. */
export const thinBonesFull = defineGate({
  id: 'thin-bones-full',
  strength: 'block',
  when: { atLeast: 1, of: ['thin-bones'] },
  bars: { loading: FORCEFUL, grades: ['full'] },
  reason: 'Osteoporosis: this technique is too strong.',
  do: 'Choose the light grade.',
})
