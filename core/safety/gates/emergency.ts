import { defineGate } from '../gate'

/** Signs that belong to an emergency service. */
export const emergency = defineGate({
  id: 'emergency',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let them sit and stay beside them.',
  when: { atLeast: 1, of: ['thunder', 'exertion', 'pregnancy-warning'] },
  bars: { all: true },
  reason: 'Red flag for an emergency service.',
  do: 'Stop here. Emergency.',
})
