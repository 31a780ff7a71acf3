import { all, not } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Both manual tests quiet: a facet source becomes unlikely. The combination has no printed figure; the model gives one. */
export const neckFacetClear = defineCluster({
  id: 'neck-facet-clear',
  name: 'Cervical facet joint, both manual tests negative',
  source: 'facet-cervical',
  after: 'neck-facet',
  holds: all([not(positive('neck-segment-motion')), not(positive('neck-segment-palpation'))]),
  rulesOut: true,
  note: 'Neither manual test brings the familiar pain on. The study’s guide reads it as ruled out; the accuracy of the pair is not known.',
})
