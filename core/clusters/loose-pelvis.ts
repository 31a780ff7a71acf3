import { all, atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Leg raise by the patient hard or painful, better with compression, and the five-test cluster met. A pattern without figures. */
export const loosePelvis = defineCluster({
  id: 'loose-pelvis',
  name: 'Sacroiliac laxity, pattern',
  source: 'sij-ligament',
  after: 'pelvic-ligament-score',
  basis: 'pattern',
  holds: all([
    positive('active-leg-raise'),
    atLeast(3, [positive('sij-distraction'), positive('sij-compression'), positive('thigh-thrust'), positive('gaenslen'), positive('faber')]),
  ]),
  note: 'A pattern: it points, and never gives a percentage.',
})
