import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** A later study that found six tests weaker. */
export const stanford2010: Study = {
  id: 'stanford-2010',
  cite: 'Stanford & Burnham 2010, Pain Med',
  people: 'Suspected sacroiliac pain',
  reference: 'One sacroiliac block, about 80 % relief',
  n: 34,
  cohort: 'stanford',
  checkedAgainstPaper: false,
}

export const STANFORD_2010 = defineRows([
  {
    id: 'A19',
    of: 'pelvic-six',
    for: 'sij-pain',
    from: stanford2010,
    criterion: 'Three or more of six',
    sens: { value: 0.82 },
    spec: { value: 0.57 },
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Figures recalled with doubt; the message is that accuracy was lower' },
  },
])
