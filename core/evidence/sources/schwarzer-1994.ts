import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const schwarzer1994: Study = {
  id: 'schwarzer-1994',
  cite: 'Schwarzer 1994 Spine',
  people: 'Not known here',
  reference: 'Double facet blocks',
  n: 176,
  cohort: 'schwarzer-1994',
  checkedAgainstPaper: false,
}

export const SCHWARZER_1994 = defineRows([
  {
    id: 'C07',
    of: null,
    for: null,
    subject: 'History and exam features',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: schwarzer1994,
    criterion: 'No clinical feature predictive. Single-block false-positive rate 38% (Schwarzer, same era).',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: 'prevalence about 15%' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
