import { lost } from '../catalogue/reading/table'
import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { observed, positive } from './item'

const items = [
  positive('femoral-stretch'),
  positive('crossed-femoral-stretch'),
  observed('patellar-reflex', 'Knee reflex lessened', 'neuro-lower', lost('reflex', ['patellar'])),
  observed('front-thigh-feeling', 'Feeling lessened at the front of the thigh or the inner shin', 'neuro-lower', lost('sensation', ['l2', 'l3', 'l4'])),
  observed('knee-straightening', 'Knee straightening weak', 'neuro-lower', lost('strength', ['l3'])),
]

/** Signs of the roots L2 to L4, graded by how many there are. Each has its own ratio; no count was published. */
export const upperLegNerve = defineCluster({
  id: 'upper-leg-nerve',
  name: 'Lumbar radiculopathy L2-4, graded',
  source: 'root-lumbar-mid',
  basis: 'model',
  holds: atLeast(1, items),
  grades: [
    { name: 'one sign', holds: atLeast(1, items) },
    { name: 'two signs', holds: atLeast(2, items) },
    { name: 'three or more signs', holds: atLeast(3, items) },
  ],
  note: 'A graded list, not a published rule. The single-leg rise of the study is not tested here; strength on the table stands for it and is less sensitive.',
})
