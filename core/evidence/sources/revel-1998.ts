import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar facet (zygapophysial) pain. */
export const revel1998: Study = {
  id: 'revel-1998',
  cite: 'Revel 1998 Spine',
  people: 'Not known here',
  reference: 'Placebo-controlled facet anaesthesia, 75% relief',
  n: 80,
  cohort: 'revel-1998',
  checkedAgainstPaper: false,
}

export const REVEL_1998 = defineRows([
  {
    id: 'C04',
    of: 'back-facet-older',
    for: 'facet-lumbar',
    subject:
      'Revel criteria: ≥5 of 7 incl. relief on lying (age ≥65; relief recumbent; no worsening with cough, forward flexion, rising from flexion, hyperextension, extension–rotation)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: revel1998,
    criterion: 'Not reproduced (C01, C05). NB: here absence of extension–rotation pain is the positive – opposite to C02.',
    sens: { value: 0.92 },
    spec: { value: 0.8 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Later studies did not reproduce it (C01, C05)' },
  },
])
