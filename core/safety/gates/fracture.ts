import { NECK, PELVIS_OR_BACK } from '../contraindicated'
import { defineGate } from '../gate'

/** A possible fracture blocks every test that loads pelvis, spine or neck. */
export const fracture = defineGate({
  id: 'fracture',
  strength: 'block',
  when: { atLeast: 1, of: ['big-fall', 'small-fall', 'known-fracture', 'height-loss'] },
  bars: { loading: [PELVIS_OR_BACK, NECK] },
  carries: ['fracture', 'fracture-neck'],
  reason: 'Possible fracture of pelvis, sacrum or spine.',
  do: 'Do not load this region until it is ruled out.',
})
