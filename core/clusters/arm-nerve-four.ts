import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/**
 * Three or four of four for a neck root (register rows D11 and D12).
 *
 * The printed rows are counts, not thresholds: three speaks with one ratio and four with another, and two or fewer
 * say nothing either way.
 */
export const armNerveFour = defineCluster({
  id: 'arm-nerve-four',
  name: 'Cervical radiculopathy, 4 items',
  source: 'root-cervical',
  holds: atLeast(3, [positive('ulnt-1'), positive('neck-closing-a'), positive('neck-distraction'), positive('neck-rotation')]),
  figures: { 4: 'arm-nerve-four-all' },
  failingSaysNothing: true,
  note: 'Three or four of four. The study counted any response of the arm test; here it has to change with the neck. Two or fewer neither rule in nor out.',
})
