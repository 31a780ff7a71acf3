import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** SIJ pain (intra-articular). */
export const laslett2003: Study = {
  id: 'laslett-2003',
  cite: 'Laslett 2003 Aust J Physiother',
  people: 'Chronic low-back and buttock pain, referred for injection',
  reference: 'Fluoroscopic intra-articular SIJ block, ≥80% relief, confirmatory second block',
  n: 43,
  cohort: 'laslett',
  checkedAgainstPaper: false,
}

/** Those of the same people whose pain did not centralise. */
export const laslett2003Others: Study = {
  ...laslett2003,
  id: 'laslett-2003-others',
  cite: 'Laslett 2003 Aust J Physiother, without centralisers',
  people: 'Those of the 43 whose pain did not centralise',
  n: 34,
}

export const LASLETT_2003 = defineRows([
  {
    id: 'A13',
    of: 'pelvic-five-thrust',
    for: 'sij-pain',
    subject: '≥3 of 5 (distraction, thigh thrust, Gaenslen, compression, sacral thrust), all patients',
    target: 'SIJ pain (intra-articular)',
    from: laslett2003,
    criterion: 'Same parent cohort as A01–A12: not independent evidence, do not pool as separate.',
    sens: { value: 0.91, interval: [0.62, 0.98] },
    spec: { value: 0.78, interval: [0.61, 0.89] },
    lrPositive: { value: 4.16, interval: [2.16, 8.39] },
    lrNegative: { value: 0.12, interval: [0.02, 0.49] },
    counts: { tp: 10, fn: 1, fp: 7, tn: 25 },
    confidence: 'high',
    use: { use: 'preferred', because: 'The study this rule was published in; its five tests are these five' },
  },
  {
    id: 'A14',
    of: 'pelvic-five-thrust-no-centralisation',
    for: 'sij-pain',
    subject: '≥3 of 5 AND no centralisation/peripheralisation on repeated-movement assessment',
    target: 'SIJ pain (intra-articular)',
    from: laslett2003Others,
    criterion: 'Requires a repeated-movement examination first; centralisers removed before SIJ tests are read.',
    sens: { value: 0.91, interval: [0.62, 0.98] },
    spec: { value: 0.87, interval: [0.68, 0.96] },
    lrPositive: { value: 6.97, interval: [2.7, 20.27] },
    lrNegative: { value: 0.11, interval: [0.02, 0.44] },
    counts: { tp: 10, fn: 1, fp: 3, tn: 20 },
    confidence: 'high',
    use: { use: 'preferred', because: 'The same count read only in people whose pain did not centralise' },
  },
])
