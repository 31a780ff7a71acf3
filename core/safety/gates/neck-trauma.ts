import { NECK } from '../barred'
import { defineGate } from '../gate'

/** A recent neck accident with any sign of the imaging rule stops testing of the neck. */
export const neckTrauma = defineGate({
  id: 'neck-trauma',
  strength: 'halt',
  when: { atLeast: 1, of: ['dangerous-mechanism', 'tingling-after', 'midline-tender', 'cannot-turn', 'age-65'], and: ['neck-accident'] },
  bars: { loading: NECK },
  carries: ['neck-trauma'],
  reason: 'A recent neck accident, with a sign that asks for imaging.',
  do: 'Support the head. Follow the imaging rule of your jurisdiction before any testing.',
})
