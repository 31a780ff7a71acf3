import { defineGate } from '../gate'

/** An electric feeling, or a symptom in both legs or the saddle, stops everything. */
export const warningCord = defineGate({
  id: 'warning-cord',
  strength: 'halt',
  when: { warning: ['electric', 'both-legs-now', 'saddle-now'] },
  bars: { all: true },
  reason: 'An electric feeling, or a symptom in both legs or the saddle, during a test.',
  do: 'Stop here. Ask the cord and saddle questions, and refer.',
})
