import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** From 65 on, or at an age that is not known, a neck accident is imaged before the neck is tested. */
export const neckTraumaAge = defineGate({
  id: 'neck-trauma-age',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: { atLeast: 1, of: ['age-65'], and: ['neck-accident'] },
  bars: { loading: NECK },
  carries: ['neck-trauma', 'fracture-neck'],
  reason: 'Cervical trauma at 65 or over, or at an age that is not known.',
  do: 'Support the head. Follow the imaging rule of your jurisdiction before any testing.',
})
