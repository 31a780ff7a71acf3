import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Discogenic pain. */
export const laslett2005Discography: Study = {
  id: 'laslett-2005-discography',
  cite: 'Laslett 2005 Spine J',
  people: 'Chronic low-back pain, referred for discography',
  reference: 'Provocation discography',
  n: 69,
  cohort: 'laslett-2005-discography',
  checkedAgainstPaper: false,
}

export const LASLETT_2005_DISCOGRAPHY = defineRows([
  {
    id: 'C10',
    of: 'repeated-movement',
    for: 'disc-annulus',
    subject: 'Centralisation on repeated movements',
    target: 'Discogenic pain',
    from: laslett2005Discography,
    criterion:
      'Definition: most distal pain progressively abolished proximally and lasting. Spec 1.00 without severe disability/distress; about 0.80 with (medium).',
    sens: { value: 0.4, interval: [0.28, 0.54] },
    spec: { value: 0.94, interval: [0.73, 0.99] },
    lrPositive: { value: 6.9, interval: [1, 47.3] },
    counts: { tp: 21, fn: 31, fp: 1, tn: 16 },
    confidence: 'high',
    use: { use: 'shown', because: 'The most optimistic single study; the pooled row leads' },
  },
])
