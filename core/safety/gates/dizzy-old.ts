import { LIGAMENT, NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** Dizziness or nausea alone, old and looked into: the neck is loaded with care. */
export const dizzyOld = defineGate({
  id: 'dizzy-old',
  strength: 'caution',
  when: { atLeast: 1, of: ['dizzy-known'] },
  bars: { loading: NECK, but: LIGAMENT },
  carries: ['dizziness-known'],
  reason: 'Dizziness that was looked into.',
  do: 'Slowly, no end-range holds, stop at the first sign.',
})
