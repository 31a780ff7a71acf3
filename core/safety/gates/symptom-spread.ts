import { defineGate } from '../gate'

/** A symptom in the saddle or in both legs at once, in any test, stops everything. */
export const symptomSpread = defineGate({
  id: 'symptom-spread',
  strength: 'halt',
  when: { state: 'symptom-spread' },
  bars: { all: true },
  reason: 'A test brought a symptom into the saddle or into both legs.',
  do: 'Stop here. Ask the cord and saddle questions, and refer.',
})
