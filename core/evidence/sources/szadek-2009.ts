import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** A pooled review of single tests and of three positive ones. */
export const szadek2009: Study = {
  id: 'szadek-2009',
  cite: 'Szadek 2009, J Pain',
  people: '18 studies in the review',
  reference: 'Sacroiliac blocks',
  n: null,
  cohort: 'pooled-szadek',
  checkedAgainstPaper: false,
}

export const SZADEK_2009 = defineRows([
  {
    id: 'A16',
    of: 'pelvic-five',
    for: 'sij-pain',
    from: szadek2009,
    criterion: 'Three or more positive stress tests',
    sens: { value: 0.85 },
    spec: { value: 0.76 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Pools different sets of tests; the single study of exactly these five stands first' },
  },
  {
    id: 'A17',
    of: 'thigh-thrust',
    for: 'sij-pain',
    from: szadek2009,
    criterion: 'Pain reproduced',
    sens: { value: 0.91 },
    spec: { value: 0.66 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Pooled over blocks of one and two kinds; shown beside the single study' },
  },
  {
    id: 'A18',
    of: 'sij-compression',
    for: 'sij-pain',
    from: szadek2009,
    criterion: 'Pain reproduced',
    sens: { value: 0.63 },
    spec: { value: 0.69 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Pooled; shown beside the single study' },
  },
])
