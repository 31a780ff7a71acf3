import { HIP, PELVIS_OR_BACK } from '../contraindicated'
import { defineGate } from '../gate'

/** A leg that takes no weight: a stress fracture of sacrum, pelvis or hip is possible. */
export const stressFracture = defineGate({
  id: 'stress-fracture',
  strength: 'block',
  when: { atLeast: 1, of: ['cannot-stand'] },
  bars: { loading: [PELVIS_OR_BACK, HIP] },
  carries: ['fracture'],
  reason: 'Unable to bear weight: possible fracture of sacrum, pelvis or hip.',
  do: 'Do not load pelvis or hip until it is imaged.',
})
