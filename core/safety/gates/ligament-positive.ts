import { LIGAMENT_TESTS, NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** Any positive ligament test of the upper neck stops everything that loads it. */
export const ligamentPositive = defineGate({
  id: 'ligament-positive',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: { positive: LIGAMENT_TESTS },
  bars: { loading: NECK },
  carries: ['upper-neck-laxity'],
  reason: 'Craniocervical ligament test positive: instability suspected.',
  do: 'Nothing else is done to this neck. Support the head and refer.',
})
