import { defineGate } from '../gate'

/** Pregnancy and the half year after: positions and pressure change. */
export const pregnancy = defineGate({
  id: 'pregnancy',
  strength: 'caution',
  when: { atLeast: 1, of: ['pregnant'] },
  bars: { all: true },
  carries: ['pregnancy'],
  reason: 'Pregnant, or a birth within six months.',
  do: 'Light pressure; never prone on the bump; late on, not supine for long.',
})
