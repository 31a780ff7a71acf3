import { NECK } from '../barred'
import { defineGate } from '../gate'

/** Signs of neck artery or brain stem stop everything that loads the neck. */
export const artery = defineGate({
  id: 'artery',
  strength: 'halt',
  when: { atLeast: 1, of: ['dizzy', 'double-vision', 'drop-attack', 'speech', 'nausea', 'face-numb', 'worst-headache'] },
  bars: { loading: NECK },
  carries: ['neck-artery'],
  reason: 'A neck artery or the brain stem may be involved.',
  do: 'Do not load the neck. Same-day or emergency medical assessment.',
})
