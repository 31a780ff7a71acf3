import { defineGate } from '../gate'

/** A deficit in more than one root stops everything but looking at the nerves once more. */
export const manyRoots = defineGate({
  id: 'many-roots',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Let them sit and stay beside them.',
  when: { state: 'many-roots' },
  bars: { all: true, but: 'deficit' },
  reason: 'Deficit in more than one nerve root.',
  do: 'Stop here. Urgent referral.',
})
