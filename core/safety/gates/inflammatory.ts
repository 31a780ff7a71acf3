import { defineGate } from '../gate'

/** Signs of inflammatory back pain: provocation does not decide it. */
export const inflammatory = defineGate({
  id: 'inflammatory',
  strength: 'caution',
  when: { atLeast: 2, of: ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late', 'buttocks-in-turn', 'eye-skin-bowel'] },
  bars: { loading: { parts: ['pelvis'] } },
  reason: 'Possible axial spondyloarthritis.',
  do: 'Provocation tests do not decide this. Rheumatology referral.',
})
