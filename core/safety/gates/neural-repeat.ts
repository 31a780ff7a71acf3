import { defineGate } from '../gate'

/** A neural test that brought the symptom on is not repeated at full load in the same visit; the steps that part nerve from muscle belong to it. */
export const neuralRepeat = defineGate({
  id: 'neural-repeat',
  strength: 'caution',
  when: {
    positive: ['slump', 'seated-leg-raise', 'leg-raise', 'side-lying-leg-raise', 'femoral-stretch', 'ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3'],
  },
  bars: { repeats: true },
  reason: 'This neurodynamic test was already positive in this visit.',
  do: 'Not again at full load; as a recheck, to the first change only.',
})
