import { defineGate } from '../gate'

/** Strength of 3 or less in any muscle stops everything but looking at the nerves once more. */
export const severeDeficit = defineGate({
  id: 'severe-deficit',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Let them sit and stay beside them.',
  when: { state: 'severe-deficit' },
  bars: { all: true, but: 'deficit' },
  reason: 'Motor deficit of MRC 3 or less.',
  do: 'Stop here. Medical assessment today.',
})
