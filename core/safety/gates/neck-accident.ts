import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** A neck accident within twelve weeks, without a sign of the imaging rule: nothing presses or levers the neck until it was looked into. */
export const neckAccident = defineGate({
  id: 'neck-accident',
  strength: 'block',
  when: { atLeast: 1, of: ['neck-accident'] },
  bars: { loading: { ...NECK, from: 'moderate' } },
  carries: ['neck-trauma', 'fracture-neck'],
  reason: 'Cervical trauma within twelve weeks.',
  do: 'No pressure and no lever on this neck until the trauma was investigated.',
})
