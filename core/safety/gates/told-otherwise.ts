import { defineGate } from '../gate'

/** The story speaks against a no of the screen. */
export const toldOtherwise = defineGate({
  id: 'told-otherwise',
  strength: 'caution',
  when: { state: 'told-otherwise' },
  bars: { all: true },
  reason: 'The story tells of saddle, both legs or both arms, and the question was answered no.',
  do: 'Ask once more what exactly is meant, and write it into the story.',
})
