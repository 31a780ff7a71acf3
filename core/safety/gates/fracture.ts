import { defineGate } from '../gate'

/** A possible fracture blocks every test that loads pelvis or spine. */
export const fracture = defineGate({
  id: 'fracture',
  strength: 'block',
  when: { atLeast: 1, of: ['big-fall', 'small-fall', 'known-fracture'] },
  bars: { tests: ['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'faber', 'sacral-thrust'] },
  reason: 'A fracture of pelvis, sacrum or spine is possible.',
  do: 'Do not load this region until it is ruled out.',
})
