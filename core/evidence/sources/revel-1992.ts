import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const revel1992: Study = {
  id: 'revel-1992',
  cite: 'Revel 1992 Arch Phys Med Rehabil',
  people: 'Not known here',
  reference: 'Facet injection response',
  n: null,
  cohort: 'revel-1992',
  checkedAgainstPaper: false,
}

export const REVEL_1992 = defineRows([
  {
    id: 'C06',
    of: 'back-facet-older',
    for: 'facet-lumbar',
    subject: 'Revel preliminary criteria',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: revel1992,
    criterion: 'Earlier derivation; figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Figures not known' },
  },
])
