import { defineGate } from '../gate'

/** High irritability changes how everything is done. */
export const irritable = defineGate({
  id: 'irritable',
  strength: 'caution',
  when: { state: 'irritable' },
  bars: { provoking: true },
  carries: ['irritable'],
  reason: 'High irritability: easily provoked, severe, and slow to settle.',
  do: 'Light grade, no overpressure, one repetition, a minute of rest between provocations, six at most.',
})
