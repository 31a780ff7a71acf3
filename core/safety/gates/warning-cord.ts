import { defineGate } from '../gate'

/** An electric feeling, a symptom on both sides or in the saddle, or a limb that gives way stops everything. */
export const warningCord = defineGate({
  id: 'warning-cord',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let go slowly, back to the position that eases it, and stay beside them.',
  when: { warning: ['electric', 'both-legs-now', 'saddle-now', 'both-arms-now', 'weak-now'] },
  bars: { all: true },
  reason: 'Electric, bilateral or saddle symptom, or a limb that gave way, during a test.',
  do: 'Stop here. Ask the myelopathy and cauda equina questions, and refer.',
})
