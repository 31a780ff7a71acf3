import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Neck pain presence (not radiculopathy). */
export const sandmark1995: Study = {
  id: 'sandmark-1995',
  cite: 'Sandmark & Nisell 1995 Scand J Rehabil Med',
  people: 'Not known here',
  reference: 'Neck pain report',
  n: 75,
  cohort: 'sandmark-1995',
  checkedAgainstPaper: false,
}

export const SANDMARK_1995 = defineRows([
  {
    id: 'D29',
    of: null,
    for: null,
    subject: 'Spurling; ULTT; rotation; facet palpation',
    target: 'Neck pain presence (not radiculopathy)',
    from: sandmark1995,
    criterion: 'Wrong target condition for ruling in radiculopathy.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.77 / 0.77 / 0.77 / 0.82', spec: '0.92 / 0.94 / 0.92 / 0.79', lrPositive: 'about 10 / 13 / 10 / 3.9 (d)', lrNegative: 'about 0.25 (d)' },
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
