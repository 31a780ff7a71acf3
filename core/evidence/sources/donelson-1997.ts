import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Discogenic pain. */
export const donelson1997: Study = {
  id: 'donelson-1997',
  cite: 'Donelson 1997 Spine',
  people: 'Not known here',
  reference: 'Discography',
  n: 63,
  cohort: 'donelson-1997',
  checkedAgainstPaper: false,
}

export const DONELSON_1997 = defineRows([
  {
    id: 'C11',
    of: 'repeated-movement',
    for: 'disc-annulus',
    subject: 'Centralisation (vs peripheralisation or no change)',
    target: 'Discogenic pain',
    from: donelson1997,
    criterion: 'Peripheralisation also disc-positive (69%); no change 12.5%. As "any change vs none": 34/36 and 14/27.',
    sens: { value: 0.64 },
    spec: { value: 0.7 },
    counts: { tp: 23, fn: 13, fp: 8, tn: 19 },
    confidence: 'medium',
    use: { use: 'shown', because: 'A single study inside the pooled row' },
  },
])
