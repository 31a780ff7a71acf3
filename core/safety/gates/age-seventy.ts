import { defineGate } from '../gate'
import { PELVIS_OR_BACK } from '../contraindicated'

/** Age over 70 alone: bones may be weak, so the load stays light. */
export const ageSeventy = defineGate({
  id: 'age-seventy',
  strength: 'caution',
  when: { atLeast: 1, of: ['age-over-70'] },
  bars: { loading: PELVIS_OR_BACK },
  reason: 'Over 70, or an age that is not known: osteoporosis possible.',
  do: 'Light grade first; no thrusts.',
})
