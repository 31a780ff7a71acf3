import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { CORD_FIVE } from './cord-signs'

/** Three or more of five for a cord lesion of the neck (register row E10). */
export const cordFive = defineCluster({
  id: 'cord-five',
  name: 'Myelopathy, 5 signs',
  source: 'cord',
  holds: atLeast(3, CORD_FIVE),
  failingSaysNothing: true,
  beside: true,
  note: 'Three or more of five. Fewer never reassures: symptoms refer whatever the count.',
})
