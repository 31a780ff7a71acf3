import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Five tests with FABER, three or more positive. */
export const vanDerWurff2006: Study = {
  id: 'van-der-wurff-2006',
  cite: 'van der Wurff 2006, Arch Phys Med Rehabil',
  people: 'Chronic low-back pain below L5, with or without leg pain',
  reference: 'Two sacroiliac blocks, 50 % relief or more',
  n: 60,
  cohort: 'van-der-wurff',
  checkedAgainstPaper: false,
}

export const VAN_DER_WURFF_2006 = defineRows([
  {
    id: 'A15',
    of: 'pelvic-five',
    for: 'sij-pain',
    from: vanDerWurff2006,
    criterion: 'Three or more of five: distraction, compression, thigh thrust, FABER, Gaenslen',
    sens: { value: 0.85, interval: [0.72, 0.99] },
    spec: { value: 0.79, interval: [0.65, 0.93] },
    lrPositive: { value: 4.02, interval: [2.04, 7.89] },
    lrNegative: { value: 0.19, interval: [0.07, 0.47] },
    counts: { tp: 23, fn: 4, fp: 7, tn: 26 },
    confidence: 'high',
    use: { use: 'preferred', because: 'The study this rule was published in; its five tests are these five' },
  },
])
