import { defineGate } from '../gate'

/** A burning band before blisters. */
export const shingles = defineGate({
  id: 'shingles',
  strength: 'caution',
  when: { atLeast: 1, of: ['blisters'] },
  bars: { all: true },
  reason: 'Possible shingles (herpes zoster).',
  do: 'Do not press the skin there. Prompt medical review.',
})
