import { defineGate } from '../gate'

/** A fusion or a recent disc operation blocks the press into the region. */
export const spineSurgery = defineGate({
  id: 'spine-surgery',
  strength: 'block',
  when: { atLeast: 1, of: ['fusion'] },
  bars: { loading: { parts: ['low-back', 'pelvis'], ways: ['thrust'] } },
  reason: 'The spine was operated on.',
  do: 'No thrust into this region.',
})
