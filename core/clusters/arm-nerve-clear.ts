import { all } from '../logic/rule'
import { defineCluster } from './cluster'
import { quiet } from './item'

/** All four arm nerve tests done and quiet: a neck root becomes unlikely (register row D22). */
export const armNerveClear = defineCluster({
  id: 'arm-nerve-clear',
  name: 'Arm nerve clear',
  source: 'root-cervical',
  after: 'arm-nerve-four',
  holds: all([quiet('ulnt-1'), quiet('ulnt-2a'), quiet('ulnt-2b'), quiet('ulnt-3')]),
  rulesOut: true,
  neverLeads: true,
  note: 'All four arm nerve tests quiet: a check beside the figure, which each of the four moves by itself. One that is not, or is missing, leaves it open or out of reach, and says nothing for a root.',
})
