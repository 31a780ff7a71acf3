import { defineGate } from '../gate'

/** Severe bone weakness: light grade only where the pelvis is pressed. */
export const thinBones = defineGate({
  id: 'thin-bones',
  strength: 'caution',
  when: { atLeast: 1, of: ['thin-bones'] },
  bars: { tests: ['sij-compression', 'sacral-thrust'] },
  reason: 'The bones are weak.',
  do: 'Light grade only, no quick presses.',
})
