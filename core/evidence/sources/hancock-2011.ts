import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Level L4/5 vs L5/S1. */
export const hancock2011: Study = {
  id: 'hancock-2011',
  cite: 'Hancock 2011 Spine',
  people: 'Not known here',
  reference: 'MRI',
  n: 283,
  cohort: 'hancock-2011',
  checkedAgainstPaper: false,
}

export const HANCOCK_2011 = defineRows([
  {
    id: 'B42',
    of: null,
    for: null,
    subject: 'Individual exam items for LEVEL of herniation',
    target: 'Level L4/5 vs L5/S1',
    from: hancock2011,
    criterion: 'Clinical levelling is imprecise; report "likely levels", not one.',
    sens: null,
    spec: null,
    counts: null,
    printed: { other: 'AUC overall about 0.8; single items poor' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
