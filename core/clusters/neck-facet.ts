import { all } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Extension with rotation, stiff segment and sore segment together (register row F04). */
export const neckFacet = defineCluster({
  id: 'neck-facet',
  name: 'Neck facet three',
  source: 'facet-cervical',
  holds: all([positive('neck-extension-rotation'), positive('neck-segment-motion'), positive('neck-segment-palpation')]),
  failingSaysNothing: true,
  note: 'All three positive. Not all three says nothing by itself; both manual tests quiet has a rule of its own.',
})
