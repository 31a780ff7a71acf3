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

/** The same review, where it judged signs of a disc. */
export const hancock2007Disc: Study = { ...hancock2007, id: 'hancock-2007-disc', reference: 'Discography' }

/** And signs of a facet. */
export const hancock2007Facet: Study = { ...hancock2007, id: 'hancock-2007-facet', reference: 'Facet joint blocks' }

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
  {
    id: 'C09',
    of: null,
    for: null,
    subject: 'All facet tests (review)',
    target: 'Lumbar facet joint (zygapophysial) pain',
    from: hancock2007Facet,
    criterion: 'All facet tests (review)',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: 'none informative', lrNegative: 'none informative' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
  {
    id: 'C12',
    of: 'repeated-movement',
    for: 'disc-annulus',
    subject: 'Centralisation pooled',
    target: 'Discogenic pain',
    from: hancock2007Disc,
    criterion: 'Han 2023 update: LR+ 3.06 (1.44–6.50), medium confidence.',
    sens: null,
    spec: null,
    lrPositive: { value: 2.8, interval: [1.4, 5.3] },
    counts: null,
    confidence: 'high',
    speaks: 'positive',
    use: { use: 'preferred', because: 'Pooled, and the most careful figure; no centralisation has no pooled ratio' },
  },
])
