import { FORCEFUL } from '../contraindicated'
import { defineGate } from '../gate'

/** Blood that does not clot well: no forceful presses. */
export const thinners = defineGate({
  id: 'thinners',
  strength: 'caution',
  when: { atLeast: 1, of: ['thinners'] },
  bars: { loading: FORCEFUL },
  carries: ['blood-thinners'],
  reason: 'Anticoagulated, or a bleeding disorder.',
  do: 'No forceful presses.',
})
