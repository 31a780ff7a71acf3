import { defineGate } from '../gate'

/** Pain that goes with meals, water or the period: an inner organ is thought of. */
export const innerOrgan = defineGate({
  id: 'inner-organ',
  strength: 'caution',
  when: { atLeast: 1, of: ['inner-organ'] },
  bars: { all: true },
  reason: 'Possible visceral source.',
  do: 'Go gently, and arrange a medical review.',
})
