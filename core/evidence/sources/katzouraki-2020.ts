import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cauda equina compression. */
export const katzouraki2020: Study = {
  id: 'katzouraki-2020',
  cite: 'Katzouraki 2020 Bone Joint J',
  people: 'Not known here',
  reference: 'MRI',
  n: 260,
  cohort: 'katzouraki-2020',
  checkedAgainstPaper: false,
}

export const KATZOURAKI_2020 = defineRows([
  {
    id: 'K07',
    of: null,
    for: null,
    subject: 'Post-void residual ≥200 ml',
    target: 'Cauda equina compression',
    from: katzouraki2020,
    criterion: 'Domen 2009: >500 ml strong; low volume does not fully exclude.',
    sens: { value: 0.94 },
    spec: { value: 0.72 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
