import { defineGate } from '../gate'

/** New headache with a sore scalp or jaw over fifty, or at an age that is not known: same-day assessment. */
export const templeArtery = defineGate({
  id: 'temple-artery',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Let them sit and stay beside them.',
  when: { atLeast: 1, of: ['sore-scalp'], and: ['age-over-50'] },
  bars: { all: true },
  reason: 'Possible giant cell arteritis.',
  do: 'Stop here. Same-day assessment.',
})
