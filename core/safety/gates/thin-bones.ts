import { FORCEFUL } from '../contraindicated'
import { defineGate } from '../gate'

/** Severe bone weakness: light grade only where bone is pressed. */
export const thinBones = defineGate({
  id: 'thin-bones',
  strength: 'caution',
  when: { atLeast: 1, of: ['thin-bones'] },
  bars: { loading: FORCEFUL },
  carries: ['weak-bones'],
  reason: 'Osteoporosis.',
  do: 'Light grade only, no quick presses.',
})
