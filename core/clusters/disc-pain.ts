import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Repeated movement draws the pain back to the spine (register rows C10 to C12). */
export const discPain = defineCluster({
  id: 'disc-pain',
  name: 'Disc, centralisation',
  source: 'disc-annulus',
  holds: atLeast(1, [positive('repeated-movement')]),
  figure: 'repeated-movement',
  failingSaysNothing: true,
  note: 'Single studies reach 6.9; the pooled ratio, 2.8, leads. No centralisation says little.',
})
