import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** An earlier pooled figure for combined tests. */
export const hancock2007: Study = {
  id: 'hancock-2007',
  cite: 'Hancock 2007, Eur Spine J',
  people: 'Systematic review',
  reference: 'Sacroiliac blocks',
  n: null,
  cohort: 'pooled-hancock',
  checkedAgainstPaper: false,
}

export const HANCOCK_2007 = defineRows([
  {
    id: 'A21',
    of: 'pelvic-six',
    for: 'sij-pain',
    from: hancock2007,
    criterion: 'Combinations of sacroiliac tests',
    sens: null,
    spec: null,
    lrPositive: { value: 3.2, interval: [2.3, 4.4] },
    lrNegative: { value: 0.29, interval: [0.12, 0.35] },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Pools different combinations of tests' },
  },
])
