import { defineGate } from '../gate'

/** A replaced hip blocks the press along the thigh. */
export const hipReplaced = defineGate({
  id: 'hip-replaced',
  strength: 'block',
  when: { atLeast: 1, of: ['hip-replaced'] },
  bars: { tests: ['thigh-thrust'] },
  reason: 'The hip is replaced.',
  do: 'No press along the thigh bone.',
})
