import { defineGate } from '../gate'

/** A symptom that stays raised pauses the examination. */
export const staysRaised = defineGate({
  id: 'stays-raised',
  strength: 'block',
  passes: true,
  when: { state: 'stays-raised' },
  bars: { provoking: true },
  reason: 'A symptom is still raised more than five minutes after a test.',
  do: 'Pause. Let it settle and rate it again.',
})
