import { all, atLeast, not } from '../logic/rule'
import { defineCluster } from './cluster'
import { aged, positive, told } from './item'

/** Three or more of age, walking, sitting, place of onset and the quadrant, without centralisation (register row C03). */
export const backFacetNewer = defineCluster({
  id: 'back-facet-newer',
  name: 'Lumbar facet joint, 3 of 5 (newer rule)',
  source: 'facet-lumbar',
  after: 'back-facet-older',
  holds: all([
    not(positive('repeated-movement')),
    atLeast(3, [
      aged('at-least', 50),
      told('walking-best', 'Walking is best'),
      told('sitting-best', 'Sitting is best'),
      told('beside-spine', 'Began beside the spine'),
      positive('lumbar-quadrant'),
    ]),
  ]),
  failingSaysNothing: true,
  beside: true,
  neverLeads: true,
  badge: 'Low confidence: recalled with doubt, derived only',
  note: 'Here pain on extension with rotation counts, where in the older rule its absence does. Its accuracy is unverified and changes no estimate.',
})
