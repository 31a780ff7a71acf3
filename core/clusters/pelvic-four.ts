import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Two or more of four, in this order, stopping at two (register row A12). */
export const pelvicFour = defineCluster({
  id: 'pelvic-four',
  name: 'SI joint, 2 of 4',
  source: 'sij-pain',
  after: 'pelvic-five-thrust',
  holds: atLeast(2, [positive('sij-distraction'), positive('thigh-thrust'), positive('sij-compression'), positive('sacral-thrust')]),
  note: 'Two or more of four, the most telling two first; stop at two.',
})
