import { LIGAMENT, NECK } from '../barred'
import { defineGate } from '../gate'
import { PAIN_WITHOUT_SLACK } from './ligament-pain'

/** The stricter school: pain without slack keeps the hands off the upper neck. */
export const ligamentPainNoHands = defineGate({
  id: 'ligament-pain-no-hands',
  strength: 'caution',
  when: { seen: PAIN_WITHOUT_SLACK, school: { question: 'neck-thrust', school: 'no-hands' } },
  bars: { loading: NECK, but: LIGAMENT },
  reason: 'A ligament test of the upper neck gave pain without slack.',
  do: 'No manual treatment of the upper neck until it was looked into.',
})
