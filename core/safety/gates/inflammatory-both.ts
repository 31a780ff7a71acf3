import { defineGate } from '../gate'

/** Both sides sore on levering the pelvis: inflammatory disease is asked about. */
export const inflammatoryBoth = defineGate({
  id: 'inflammatory-both',
  strength: 'caution',
  when: { state: 'both-joints' },
  bars: { loading: { parts: ['pelvis'] } },
  reason: 'Both sacroiliac joints, or the pubic joint on both sides, hurt.',
  do: 'Ask the questions on inflammatory back pain. Rheumatology route if they fit.',
})
