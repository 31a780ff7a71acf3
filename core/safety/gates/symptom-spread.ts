import { defineGate } from '../gate'

/** A symptom in the saddle, in both legs or in both arms at once, or an electric one, in any test, stops everything. */
export const symptomSpread = defineGate({
  id: 'symptom-spread',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let go slowly, back to the position that eases it, and stay beside them.',
  when: { state: 'symptom-spread' },
  bars: { all: true },
  reason: 'A test brought a symptom into the saddle, both legs or both arms, or an electric one.',
  do: 'Stop here. Ask the myelopathy and cauda equina questions, and refer.',
})
