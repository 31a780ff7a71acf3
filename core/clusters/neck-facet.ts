import { all } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Extension with rotation, stiff segment and sore segment together (register row F04). */
export const neckFacet = defineCluster({
  id: 'neck-facet',
  name: 'Cervical facet joint, 3 of 3',
  source: 'facet-cervical',
  holds: all([positive('neck-extension-rotation'), positive('neck-segment-motion'), positive('neck-segment-palpation')]),
  failingSaysNothing: true,
  note: 'All three positive. Not all three says nothing by itself; both manual tests negative has a rule of its own.',
})
