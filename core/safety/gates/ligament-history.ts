import { NECK } from '../contraindicated'
import { defineGate } from '../gate'
import { LIGAMENT_HISTORY } from './ligament-history-items'

/** The school in which history alone decides: a reason for lax ligaments is referred, and no ligament test is done. */
export const ligamentHistory = defineGate({
  id: 'ligament-history',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: {
    atLeast: 1,
    of: LIGAMENT_HISTORY,
    school: { question: 'ligaments-who', school: 'history-only' },
  },
  bars: { loading: NECK },
  carries: ['upper-neck-laxity'],
  reason: 'Possible craniocervical instability; in this school the history decides.',
  do: 'No ligament test and no load on this neck. Refer.',
})
