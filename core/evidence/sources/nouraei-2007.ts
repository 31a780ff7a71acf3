import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Meralgia paraesthetica. */
export const nouraei2007: Study = {
  id: 'nouraei-2007',
  cite: 'Nouraei 2007 Neurosurgery',
  people: 'Not known here',
  reference: 'NCS',
  n: 45,
  cohort: 'nouraei-2007',
  checkedAgainstPaper: false,
}

export const NOURAEI_2007 = defineRows([
  {
    id: 'I19',
    of: null,
    for: null,
    subject: 'Pelvic compression (side-lying, 45 s, relief)',
    target: 'Meralgia paraesthetica',
    from: nouraei2007,
    criterion: 'Compress iliac crest medially; relief = positive. Useful against L2/L3 radiculopathy.',
    sens: { value: 0.95 },
    spec: { value: 0.933 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
