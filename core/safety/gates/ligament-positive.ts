import { NECK } from '../barred'
import { LIGAMENT_TESTS } from '../barred'
import { defineGate } from '../gate'

/** Any positive ligament test of the upper neck stops everything that loads it. */
export const ligamentPositive = defineGate({
  id: 'ligament-positive',
  strength: 'halt',
  when: { positive: LIGAMENT_TESTS },
  bars: { loading: NECK },
  carries: ['upper-neck-laxity'],
  reason: 'An upper neck ligament test was positive.',
  do: 'Nothing else is done to this neck. Support the head and refer.',
})
