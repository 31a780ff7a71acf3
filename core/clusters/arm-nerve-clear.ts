import { all } from '../logic/rule'
import { defineCluster } from './cluster'
import { quiet } from './item'

/** All four arm nerve tests done and quiet: a neck root becomes unlikely (register row D22). */
export const armNerveClear = defineCluster({
  id: 'arm-nerve-clear',
  name: 'ULNT 1-3 all negative',
  source: 'root-cervical',
  after: 'arm-nerve-four',
  holds: all([quiet('ulnt-1'), quiet('ulnt-2a'), quiet('ulnt-2b'), quiet('ulnt-3')]),
  rulesOut: true,
  neverLeads: true,
  note: 'All four ULNT negative: a check beside the estimate, which each of the four changes by itself. One positive or missing means the rule cannot be met any more or stays open, and speaks for no radiculopathy.',
})
