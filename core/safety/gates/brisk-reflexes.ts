import { NECK } from '../contraindicated'
import { defineGate } from '../gate'

/** Brisk reflexes alone, on one side or both: with care, and the cord signs next. */
export const briskReflexes = defineGate({
  id: 'brisk-reflexes',
  strength: 'caution',
  when: { state: 'brisk-reflexes' },
  bars: { loading: NECK },
  reason: 'Brisk reflexes.',
  do: 'Examine the cord signs before the neck is loaded.',
})
