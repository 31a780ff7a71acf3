import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** A head that feels unsupported, or a stiff neck after a throat infection, is no reason to test ligaments: it stops. */
export const neckUnsupported = defineGate({
  id: 'neck-unsupported',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: { atLeast: 1, of: ['head-unsupported', 'throat-infection'] },
  bars: { loading: NECK },
  carries: ['head-unsupported', 'upper-neck-laxity'],
  reason: 'Possible craniocervical instability.',
  do: 'No ligament test. Support the head and refer.',
})
