import { chose } from '../catalogue/reading/table'
import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { aged, measured, observed, positive } from './item'

/** Three or more of four: likely to do well with stabilising exercise (register row C27), which a later trial did not confirm (C29). */
export const stabiliseFour = defineCluster({
  id: 'stabilise-four',
  name: 'Stabilisation responders, 4 items',
  source: 'instability-lumbar',
  after: 'segment-laxity',
  basis: 'prognosis',
  holds: atLeast(3, [
    aged('under', 40),
    measured({ id: 'average-leg-raise', words: 'Leg raise above 91°, mean of both sides', test: 'leg-raise', field: 'average-end', is: 'above', value: 91 }),
    observed('aberrant-movement', 'Aberrant movement on bending', 'lumbar-range', chose('quality', 'arc', 'catch', 'climbing', 'reversal')),
    positive('prone-instability'),
  ]),
  badge: 'Not confirmed by a later trial',
  note: 'Speaks of success with exercise, not of segmental instability. Its derivation study found LR+ 4.0; the validation trial did not confirm it.',
})
