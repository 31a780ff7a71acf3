import { defineGate } from '../gate'

/** Signs that need a doctor the same day. */
export const sameDay = defineGate({
  id: 'same-day',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Let them sit and stay beside them.',
  when: { atLeast: 1, of: ['weak-in-days', 'night-arm'] },
  bars: { all: true },
  reason: 'Red flag for medical assessment today.',
  do: 'Stop here. Same-day assessment.',
})
