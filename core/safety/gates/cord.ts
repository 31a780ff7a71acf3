import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** Any one cord sign stops everything that loads the neck. */
export const cord = defineGate({
  id: 'cord',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: { atLeast: 1, of: ['neck-shocks', 'clumsy-hands', 'unsteady', 'stiff-legs', 'both-arms'] },
  bars: { loading: NECK },
  carries: ['cord-signs'],
  reason: 'Spinal cord compression suspected.',
  do: 'Do not load the neck. Urgent referral. A slump is possible without the neck.',
})
