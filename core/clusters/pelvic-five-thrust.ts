import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/**
 * Three or more of five, the sacral thrust among them (register rows A13 and A14).
 *
 * A14 is the same count read only in people whose pain did not centralise; the interplay of centralisation shows it.
 */
export const pelvicFiveThrust = defineCluster({
  id: 'pelvic-five-thrust',
  name: 'SI joint, 3 of 5 with sacral thrust',
  source: 'sij-pain',
  after: 'pelvic-six',
  holds: atLeast(3, [positive('sij-distraction'), positive('thigh-thrust'), positive('gaenslen'), positive('sij-compression'), positive('sacral-thrust')]),
  note: 'Three or more of five with the sacral thrust in the place of FABER. Stronger once repeated movement did not centralise the pain.',
})
