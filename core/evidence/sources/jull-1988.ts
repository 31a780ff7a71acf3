import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical facet pain. */
export const jull1988: Study = {
  id: 'jull-1988',
  cite: 'Jull 1988 Med J Aust',
  people: 'Not known here',
  reference: 'Controlled facet blocks',
  n: 20,
  cohort: 'jull-1988',
  checkedAgainstPaper: false,
}

export const JULL_1988 = defineRows([
  {
    id: 'F05',
    of: 'neck-segment-motion',
    for: 'facet-cervical',
    subject: 'Manual diagnosis (segmental joint motion/pain)',
    target: 'Cervical facet pain',
    from: jull1988,
    criterion: 'Not reproduced in larger study (F06).',
    sens: { value: 1 },
    spec: { value: 1 },
    counts: null,
    printed: { lrPositive: '∞' },
    confidence: 'high',
    use: { use: 'shown', because: 'A small study that a larger one did not reproduce' },
  },
])
