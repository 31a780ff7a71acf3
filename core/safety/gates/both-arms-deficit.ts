import { defineGate } from '../gate'

/** A deficit in both arms is no single root: the cord is thought of first. */
export const bothArmsDeficit = defineGate({
  id: 'both-arms-deficit',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Let them sit and stay beside them.',
  when: { state: 'arms-deficit' },
  bars: { all: true, but: 'deficit' },
  reason: 'Deficit in both arms: spinal cord compression suspected.',
  do: 'Stop here. Examine the cord signs. Urgent referral.',
})
