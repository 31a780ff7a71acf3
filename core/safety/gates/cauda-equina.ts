import { defineGate } from '../gate'

/** Saddle numbness, sphincters, both legs: each of them stops everything. */
export const caudaEquina = defineGate({
  id: 'cauda-equina',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let go slowly, back to the position that eases it, and stay beside them.',
  when: { atLeast: 1, of: ['saddle-numb', 'bladder', 'bowel', 'sexual', 'both-legs'] },
  bars: { all: true },
  reason: 'Possible cauda equina syndrome.',
  do: 'Stop here. Emergency referral now.',
})
