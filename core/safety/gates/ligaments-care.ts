import { LIGAMENT, NECK } from '../contraindicated'
import { defineGate } from '../gate'
import { LIGAMENT_HISTORY } from './ligament-history-items'

/** After quiet ligament tests the neck stays at caution: a negative never clears it. */
export const ligamentsCare = defineGate({
  id: 'ligaments-care',
  strength: 'caution',
  when: { atLeast: 1, of: LIGAMENT_HISTORY },
  bars: { loading: NECK, but: LIGAMENT },
  reason: 'Craniocervical ligament laxity possible, whatever the ligament tests say.',
  do: 'No overpressure, no end-range hold, no high-velocity technique.',
})
