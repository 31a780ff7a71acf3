import { defineGate } from '../gate'

/** A replaced hip blocks the tests that lever it. */
export const hipReplaced = defineGate({
  id: 'hip-replaced',
  strength: 'block',
  when: { atLeast: 1, of: ['hip-replaced'] },
  bars: { named: true },
  carries: ['hip-replacement'],
  reason: 'Hip replacement.',
  do: 'No axial load along the femur, and no levering of the hip.',
})
