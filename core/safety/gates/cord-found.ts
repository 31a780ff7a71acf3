import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** A cord sign found by examining, or brisk reflexes with another sign, stops everything that loads the neck. */
export const cordFound = defineGate({
  id: 'cord-found',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: { state: 'cord-sign' },
  bars: { loading: NECK },
  carries: ['cord-signs'],
  reason: 'Cord sign found: spinal cord compression suspected.',
  do: 'Ask the myelopathy and cauda equina questions. Do not load the neck. Urgent referral.',
})
