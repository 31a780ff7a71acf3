import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Any ligament test lax: the examination halts. Specific, not sensitive, so quiet tests never clear a neck. */
export const upperNeckLaxity = defineCluster({
  id: 'upper-neck-laxity',
  name: 'Craniocervical ligament laxity, any of 3',
  source: 'laxity-upper-neck',
  basis: 'pattern',
  holds: atLeast(1, [positive('upper-neck-shear', 'either'), positive('alar-ligament', 'either'), positive('transverse-ligament', 'either')]),
  failingSaysNothing: true,
  badge: 'Met halts the neck',
  note: 'One is enough to stop. No percentage is given: the halt does not depend on one, and negative tests never clear a neck.',
})
