import { NECK } from '../barred'
import { defineGate } from '../gate'

/** A head that feels unsupported is no reason to test ligaments: it stops. */
export const neckUnsupported = defineGate({
  id: 'neck-unsupported',
  strength: 'halt',
  when: { atLeast: 1, of: ['head-unsupported'] },
  bars: { loading: NECK },
  carries: ['head-unsupported', 'upper-neck-laxity'],
  reason: 'The head feels unsupported: the upper neck may be loose.',
  do: 'No ligament test. Support the head and refer.',
})
