import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** The leg raise against electrodiagnosis. */
export const lauder2000: Study = {
  id: 'lauder-2000',
  cite: 'Lauder 2000, Am J Phys Med Rehabil',
  people: 'Referred for electrodiagnosis',
  reference: 'Electrodiagnosis',
  n: 170,
  cohort: 'lauder',
  checkedAgainstPaper: false,
}

export const LAUDER_2000 = defineRows([
  {
    id: 'B16',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: lauder2000,
    criterion: 'Any positive leg raise',
    sens: { value: 0.19 },
    spec: { value: 0.84 },
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Figures recalled with doubt' },
  },
])
