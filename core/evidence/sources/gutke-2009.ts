import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** The thigh thrust is usually negative in disc herniation. */
export const gutke2009: Study = {
  id: 'gutke-2009',
  cite: 'Gutke 2009, Eur Spine J',
  people: 'Known disc herniation',
  reference: 'Surgery or MRI',
  n: null,
  cohort: 'gutke',
  checkedAgainstPaper: false,
}

export const GUTKE_2009 = defineRows([
  {
    id: 'A45',
    of: 'thigh-thrust',
    for: 'sij-pain',
    from: gutke2009,
    criterion: 'Pain reproduced',
    sens: { value: 0.88 },
    spec: { value: 0.88 },
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Figures recalled with doubt' },
  },
])
