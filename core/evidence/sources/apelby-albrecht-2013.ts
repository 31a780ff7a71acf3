import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Four arm nerve tests together against imaging and a surgeon's judgement. */
export const apelbyAlbrecht2013: Study = {
  id: 'apelby-albrecht-2013',
  cite: 'Apelby-Albrecht 2013, J Manipulative Physiol Ther',
  people: 'Neck and arm pain, specialist clinic',
  reference: 'MRI and neurosurgical assessment',
  n: 51,
  cohort: 'apelby-albrecht',
  checkedAgainstPaper: false,
}

const shared = { for: 'root-cervical', from: apelbyAlbrecht2013, confidence: 'medium' } as const
const OPEN = 'The only rows of these tests; what counted as positive is not recalled, so they move with a wide interval'

export const APELBY_ALBRECHT_2013 = defineRows([
  {
    ...shared,
    id: 'D22',
    of: 'arm-nerve-clear',
    criterion: 'Any of four arm nerve tests positive; negative is none of four',
    sens: { value: 0.97 },
    spec: { value: 0.69 },
    counts: { tp: 34, fn: 1, fp: 5, tn: 11 },
    use: { use: 'preferred', because: 'The best published combination for ruling out; all four done and negative' },
  },
  {
    ...shared,
    id: 'D23',
    of: 'ulnt-1',
    criterion: 'Not recalled',
    sens: { value: 0.83 },
    spec: { value: 0.75 },
    counts: { tp: 29, fn: 6, fp: 4, tn: 12 },
    near: ['criterion'],
    use: { use: 'preferred', because: OPEN },
  },
  {
    ...shared,
    id: 'D24',
    of: 'ulnt-3',
    criterion: 'Not recalled',
    sens: { value: 0.71 },
    spec: { value: 0.87 },
    counts: { tp: 25, fn: 10, fp: 2, tn: 14 },
    near: ['criterion'],
    use: { use: 'preferred', because: OPEN },
  },
  {
    id: 'D25a',
    of: 'ulnt-2a',
    for: 'root-cervical',
    subject: 'ULNT: Test 2a',
    target: 'Cervical radiculopathy',
    from: apelbyAlbrecht2013,
    criterion: 'Not recalled',
    sens: { value: 0.66 },
    spec: { value: 0.75 },
    lrPositive: { value: 2.6 },
    lrNegative: { value: 0.45 },
    counts: null,
    printed: { other: 'TP23 / 15 FN12 / 20 FP4 / 4 TN12 / 12 (derived)' },
    confidence: 'low',
    near: ['criterion', 'recall'],
    use: { use: 'preferred', because: OPEN },
  },
  {
    id: 'D25b',
    of: 'ulnt-2b',
    for: 'root-cervical',
    subject: 'ULNT: Test 2b',
    target: 'Cervical radiculopathy',
    from: apelbyAlbrecht2013,
    criterion: 'Not recalled',
    sens: { value: 0.43 },
    spec: { value: 0.75 },
    counts: null,
    printed: { other: 'TP23 / 15 FN12 / 20 FP4 / 4 TN12 / 12 (derived)' },
    confidence: 'low',
    near: ['criterion', 'recall'],
    use: { use: 'preferred', because: OPEN },
  },
])
