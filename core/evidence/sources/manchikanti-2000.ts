import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const manchikanti2000: Study = {
  id: 'manchikanti-2000',
  cite: 'Manchikanti 2000 Pain Physician',
  people: 'Not known here',
  reference: 'Controlled facet blocks',
  n: 200,
  cohort: 'manchikanti-2000',
  checkedAgainstPaper: false,
}

export const MANCHIKANTI_2000 = defineRows([
  {
    id: 'C05',
    of: 'back-facet-older',
    for: 'facet-lumbar',
    subject: 'Revel criteria',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: manchikanti2000,
    criterion: 'Revel criteria',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.13–0.17', spec: '0.84–0.93', lrPositive: 'about 1 (d)', lrNegative: 'about 1 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Did not reproduce the rule' },
  },
])
