import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const stuber2014: Study = {
  id: 'stuber-2014',
  cite: 'Stuber 2014 J Can Chiropr Assoc',
  people: 'Not known here',
  reference: 'Facet blocks',
  n: null,
  cohort: 'stuber-2014',
  checkedAgainstPaper: false,
}

export const STUBER_2014 = defineRows([
  {
    id: 'C08',
    of: 'lumbar-quadrant',
    for: 'facet-lumbar',
    subject: 'Kemp’s test (review)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: stuber2014,
    criterion: 'Conflicts with C02: list both.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '<0.50 (most studies)', spec: '<0.67', lrPositive: 'not informative', lrNegative: 'not informative' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Conflicts with C02: listed beside it' },
  },
])
