import { LIGAMENT, NECK } from '../barred'
import { LIGAMENT_TESTS } from '../barred'
import { defineGate } from '../gate'

/** Background reasons for lax upper neck ligaments: they are tested before anything else loads the neck. */
export const ligamentsFirst = defineGate({
  id: 'ligaments-first',
  strength: 'before',
  when: { atLeast: 1, of: ['inflammatory-joint', 'loose-tissue', 'down', 'long-steroids', 'old-neck-trauma'] },
  bars: { loading: NECK, but: LIGAMENT },
  until: LIGAMENT_TESTS,
  reason: 'The upper neck ligaments may be lax.',
  do: 'The three ligament tests come first, with the lightest touch.',
})
