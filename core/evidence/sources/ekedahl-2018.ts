import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Slump the most sensitive of several. */
export const ekedahl2018: Study = {
  id: 'ekedahl-2018',
  cite: 'Ekedahl 2018, Arch Phys Med Rehabil',
  people: 'Leg pain',
  reference: 'Extrusion or root compression on MRI',
  n: 99,
  cohort: 'ekedahl',
  checkedAgainstPaper: false,
}

export const EKEDAHL_2018 = defineRows([
  {
    id: 'B21',
    of: 'slump',
    for: 'root-lumbar-low',
    from: ekedahl2018,
    criterion: 'Symptom reproduced',
    sens: { value: 0.78 },
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Figures recalled with doubt' },
  },
])
