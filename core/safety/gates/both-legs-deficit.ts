import { defineGate } from '../gate'

/** A deficit in both legs is two-sided: it stops everything but looking at the nerves once more. */
export const bothLegsDeficit = defineGate({
  id: 'both-legs-deficit',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let go slowly, back to the position that eases it, and stay beside them.',
  when: { state: 'legs-deficit' },
  bars: { all: true, but: 'deficit' },
  reason: 'Deficit in both legs: possible cauda equina syndrome.',
  do: 'Stop here. Ask the cauda equina questions. Emergency referral now.',
})
