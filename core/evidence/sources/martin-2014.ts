import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Sciatic entrapment (gluteal). */
export const martin2014: Study = {
  id: 'martin-2014',
  cite: 'Martin 2014 Knee Surg Sports Traumatol Arthrosc',
  people: 'Not known here',
  reference: 'Endoscopy/MR',
  n: 33,
  cohort: 'martin-2014',
  checkedAgainstPaper: false,
}

export const MARTIN_2014 = defineRows([
  {
    id: 'I10',
    of: 'piriformis',
    for: 'piriformis',
    subject: 'Seated piriformis stretch',
    target: 'Sciatic entrapment (gluteal)',
    from: martin2014,
    criterion: 'Seated piriformis stretch',
    sens: { value: 0.52 },
    spec: { value: 0.9 },
    lrPositive: { value: 5.2 },
    lrNegative: { value: 0.53 },
    counts: { tp: 12, fn: 11, fp: 1, tn: 9 },
    confidence: 'high',
    use: { use: 'shown', because: 'Done seated; here it is done lying' },
  },
  {
    id: 'I11',
    of: 'piriformis',
    for: 'piriformis',
    subject: 'Active piriformis (side-lying abduct/ER against heel)',
    target: 'Sciatic entrapment (gluteal)',
    from: martin2014,
    criterion: 'Active piriformis (side-lying abduct/ER against heel)',
    sens: { value: 0.78 },
    spec: { value: 0.8 },
    lrPositive: { value: 3.9 },
    lrNegative: { value: 0.27 },
    counts: { tp: 18, fn: 5, fp: 2, tn: 8 },
    confidence: 'high',
    use: { use: 'shown', because: 'Performed differently from here' },
  },
  {
    id: 'I12',
    of: 'piriformis',
    for: 'piriformis',
    subject: 'Both I10/I11 (either positive)',
    target: 'Sciatic entrapment (gluteal)',
    from: martin2014,
    criterion: 'SLR in same group 0.15/0.95.',
    sens: { value: 0.91 },
    spec: { value: 0.8 },
    counts: { tp: 21, fn: 2, fp: 2, tn: 8 },
    confidence: 'high',
    use: { use: 'shown', because: 'Performed differently from here' },
  },
])
