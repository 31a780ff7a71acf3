import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Three or more of five provocations bring on the own pain on the painful side (register row A15). */
export const pelvicFive = defineCluster({
  id: 'pelvic-five',
  name: 'SI joint, 3 of 5',
  source: 'sij-pain',
  holds: atLeast(3, [positive('sij-distraction'), positive('sij-compression'), positive('thigh-thrust'), positive('gaenslen'), positive('faber')]),
  note: 'Three or more of five on the painful side. Single tests say little; the count is what was studied.',
})
