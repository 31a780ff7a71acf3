import { defineGate } from '../gate'

/** In an irritable person neither the full grade nor a sensitised way is given. */
export const irritableFull = defineGate({
  id: 'irritable-full',
  strength: 'block',
  passes: true,
  when: { state: 'irritable' },
  bars: { provoking: true, grades: ['full', 'sensitised'] },
  reason: 'High irritability: this technique is too much.',
  do: 'Choose the light or the plain technique.',
})
