import { defineGate } from '../gate'
import { LOADS_PELVIS_OR_BACK } from '../regions'

/** A possible fracture blocks every test that loads pelvis or spine. */
export const fracture = defineGate({
  id: 'fracture',
  strength: 'block',
  when: { atLeast: 1, of: ['big-fall', 'small-fall', 'known-fracture', 'cannot-stand'] },
  bars: { tests: LOADS_PELVIS_OR_BACK },
  reason: 'A fracture of pelvis, sacrum or spine is possible.',
  do: 'Do not load this region until it is ruled out.',
})
