import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** Signs of neck artery or brain stem stop everything that loads the neck. */
export const artery = defineGate({
  id: 'artery',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: {
    atLeast: 1,
    of: ['dizzy', 'double-vision', 'drop-attack', 'speech', 'swallowing', 'nausea', 'face-numb', 'eyes-flicker', 'eyelid', 'ataxia', 'worst-headache'],
  },
  bars: { loading: NECK },
  carries: ['neck-artery'],
  reason: 'Possible cervical arterial dysfunction.',
  do: 'Do not load the neck. Same-day or emergency medical assessment.',
})
