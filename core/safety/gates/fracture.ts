import { defineGate } from '../gate'
import { PELVIS_OR_BACK } from '../barred'

/** A possible fracture blocks every test that loads pelvis or spine. */
export const fracture = defineGate({
  id: 'fracture',
  strength: 'block',
  when: { atLeast: 1, of: ['big-fall', 'small-fall', 'known-fracture', 'cannot-stand'] },
  bars: { loading: PELVIS_OR_BACK },
  carries: ['fracture'],
  reason: 'A fracture of pelvis, sacrum or spine is possible.',
  do: 'Do not load this region until it is ruled out.',
})
