import { BELOW_KNEE } from '../vocabulary/area-sets'
import { all, any } from '../logic/rule'
import { defineCluster } from './cluster'
import { anyOf, lost } from '../catalogue/reading/table'
import { observed, painted, positive } from './item'

const pattern = painted('leg-pattern', 'Leg symptom painted below the knee or behind the thigh', [...BELOW_KNEE, 'thigh-back', 'knee-back', 'thigh-outer'])
const tension = any([positive('leg-raise'), positive('slump')])
const distant = any([positive('leg-raise-ankle'), positive('crossed-leg-raise')])
const LOW = ['l4', 'l5', 's1', 's2']
const deficit = observed(
  'low-deficit',
  'Strength, reflex or feeling lost, L4 to S2',
  'neuro-lower',
  anyOf(lost('strength', LOW), lost('reflex', ['hamstring', 'achilles']), lost('sensation', LOW)),
)

/**
 * Nerve tension and deficit of the low lumbar roots, graded.
 *
 * No study published this count: each item has its own figures and the shared-cause model combines them.
 */
export const legNerve = defineCluster({
  id: 'leg-nerve',
  name: 'Lumbosacral radiculopathy, graded',
  source: 'root-lumbar-low',
  basis: 'model',
  holds: all([pattern, tension]),
  grades: [
    { name: 'tension sign only', holds: all([pattern, tension]) },
    { name: 'tension, changed by a distant part', holds: all([pattern, tension, distant]) },
    { name: 'tension, changed by a distant part, with a deficit', holds: all([pattern, tension, distant, deficit]) },
    { name: 'all of these and the crossed raise', holds: all([pattern, tension, distant, deficit, positive('crossed-leg-raise')]) },
  ],
  note: 'A graded list, not a published rule: the estimate beside it is the model’s, from the single tests.',
})
