import { LIGAMENT, NECK } from '../contraindicated'
import { defineGate } from '../gate'
import { PAIN_WITHOUT_SLACK } from './ligament-pain'

/** The stricter school: pain without slack keeps the hands off the upper neck. */
export const ligamentPainNoHands = defineGate({
  id: 'ligament-pain-no-hands',
  strength: 'caution',
  when: { seen: PAIN_WITHOUT_SLACK, school: { question: 'neck-thrust', school: 'no-hands' } },
  bars: { loading: NECK, but: LIGAMENT },
  reason: 'Craniocervical ligament test: pain without slack.',
  do: 'No manual treatment of the upper cervical spine until it was investigated.',
})
