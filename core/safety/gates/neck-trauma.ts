import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** A sign of the imaging rule after a neck accident stops testing of the neck. A sign that is told speaks, whether or not the accident was asked about. */
export const neckTrauma = defineGate({
  id: 'neck-trauma',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: { atLeast: 1, of: ['dangerous-mechanism', 'tingling-after', 'midline-tender', 'cannot-turn'] },
  bars: { loading: NECK },
  carries: ['neck-trauma', 'fracture-neck'],
  reason: 'Cervical trauma with an indication for imaging.',
  do: 'Support the head. Follow the imaging rule of your jurisdiction before any testing.',
})
