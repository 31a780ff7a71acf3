import { all, not } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** All four arm nerve tests done and quiet: a neck root becomes unlikely (register row D22). */
export const armNerveClear = defineCluster({
  id: 'arm-nerve-clear',
  name: 'Arm nerve clear',
  source: 'root-cervical',
  after: 'arm-nerve-four',
  holds: all([not(positive('ulnt-1')), not(positive('ulnt-2a')), not(positive('ulnt-2b')), not(positive('ulnt-3'))]),
  rulesOut: true,
  note: 'All four arm nerve tests quiet. One that is not, or is missing, leaves it open or out of reach, and says nothing for a root.',
})
