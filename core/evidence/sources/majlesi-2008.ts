import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Slump and leg raise in the same people; slump counted when the neck eased it. */
export const majlesi2008: Study = {
  id: 'majlesi-2008',
  cite: 'Majlesi 2008, J Clin Rheumatol',
  people: 'Back and leg pain, with and without a herniation',
  reference: 'Disc herniation on MRI',
  n: 75,
  cohort: 'majlesi',
  checkedAgainstPaper: false,
}

export const MAJLESI_2008 = defineRows([
  {
    id: 'B07',
    of: 'slump',
    variants: ['trunk-neck-knee-ankle', 'neck-first', 'ankle-first'],
    for: 'root-lumbar-low',
    from: majlesi2008,
    criterion: 'Familiar leg pain reproduced and eased by bringing the neck back',
    sens: { value: 0.84 },
    spec: { value: 0.83 },
    counts: { tp: 32, fn: 6, fp: 6, tn: 31 },
    confidence: 'high',
    use: { use: 'preferred', because: 'Its criterion is the one used here: familiar leg pain, eased by the neck' },
  },
  {
    id: 'B06',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: majlesi2008,
    criterion: 'Pain reproduced',
    sens: { value: 0.52 },
    spec: { value: 0.89 },
    counts: { tp: 20, fn: 18, fp: 4, tn: 33 },
    confidence: 'high',
    use: { use: 'shown', because: 'Judged by herniation on MRI, not by root compression' },
  },
])
