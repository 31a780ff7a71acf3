import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** One test decides: rotation in full flexion (register rows E06 to E08; E07 leads). */
export const upperNeckJoint = defineCluster({
  id: 'upper-neck-joint',
  name: 'Upper cervical joint, FRT',
  source: 'joint-upper-neck',
  holds: atLeast(1, [positive('flexion-rotation')]),
  figure: 'flexion-rotation',
  note: 'Studied in people with headache. The lower pair of figures leads: it comes from a mixed headache clinic.',
})
