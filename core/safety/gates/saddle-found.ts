import { defineGate } from '../gate'

/** Loss of feeling in the saddle, found by examining, stops everything. */
export const saddleFound = defineGate({
  id: 'saddle-found',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let go slowly, back to the position that eases it, and stay beside them.',
  when: { state: 'saddle-loss' },
  bars: { all: true },
  reason: 'Saddle sensory loss: possible cauda equina syndrome.',
  do: 'Stop here. Emergency referral now.',
})
