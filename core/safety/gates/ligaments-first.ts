import { LIGAMENT, LIGAMENT_TESTS, NECK } from '../contraindicated'
import { defineGate } from '../gate'
import { LIGAMENT_HISTORY } from './ligament-history-items'

/** Background reasons for lax upper neck ligaments: they are tested before anything else loads the neck. */
export const ligamentsFirst = defineGate({
  id: 'ligaments-first',
  strength: 'before',
  until: LIGAMENT_TESTS,
  when: { atLeast: 1, of: LIGAMENT_HISTORY },
  bars: { loading: NECK, but: LIGAMENT },
  reason: 'Craniocervical ligament laxity possible.',
  do: 'The three ligament tests come first, complete and on both sides, with the lightest touch.',
})
