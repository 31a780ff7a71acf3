import { defineGate } from '../gate'

/** Signs of infection stop everything: same-day referral. */
export const infection = defineGate({
  id: 'infection',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Let them sit and stay beside them.',
  when: { atLeast: 1, of: ['fever', 'weak-defence'] },
  bars: { all: true },
  reason: 'Possible spinal infection.',
  do: 'Stop here. Same-day referral.',
})
