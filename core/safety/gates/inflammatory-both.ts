import { defineGate } from '../gate'

/** Both sides sore on levering the pelvis: inflammatory disease is asked about. */
export const inflammatoryBoth = defineGate({
  id: 'inflammatory-both',
  strength: 'caution',
  when: { state: 'both-joints' },
  bars: { loading: { parts: ['pelvis'] } },
  reason: 'Both sacroiliac joints, or both sides of the symphysis, are painful: axial spondyloarthritis possible.',
  do: 'Ask the axial spondyloarthritis questions. Rheumatology referral if they fit.',
})
