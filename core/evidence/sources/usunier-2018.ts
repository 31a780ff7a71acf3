import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical facet pain. */
export const usunier2018: Study = {
  id: 'usunier-2018',
  cite: 'Usunier 2018 Physiother Can',
  people: 'Not known here',
  reference: 'Medial branch blocks',
  n: null,
  cohort: 'usunier-2018',
  checkedAgainstPaper: false,
}

export const USUNIER_2018 = defineRows([
  {
    id: 'F07',
    of: null,
    for: null,
    subject: 'Cervical facet manual tests (meta-analysis)',
    target: 'Cervical facet pain',
    from: usunier2018,
    criterion: 'Palpation/mechanical sensitivity helpful for ruling out; figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
