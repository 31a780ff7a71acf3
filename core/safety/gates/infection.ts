import { defineGate } from '../gate'

/** Signs of infection stop everything: same-day referral. */
export const infection = defineGate({
  id: 'infection',
  strength: 'halt',
  when: { atLeast: 1, of: ['fever', 'weak-defence'] },
  bars: { all: true },
  reason: 'An infection of the spine is possible.',
  do: 'Stop here. Same-day referral.',
})
