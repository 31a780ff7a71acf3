import { defineGate } from '../gate'

/** Signs of inflammatory back pain: provocation does not decide it. */
export const inflammatory = defineGate({
  id: 'inflammatory',
  strength: 'caution',
  when: { atLeast: 2, of: ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late', 'eye-skin-bowel'] },
  bars: {
    tests: ['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'faber', 'sacral-thrust', 'knee-to-shoulder', 'pubic-shear', 'sij-palpation'],
  },
  reason: 'Signs of inflammatory back pain.',
  do: 'Provocation tests do not decide this. Rheumatology route.',
})
