import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** An earlier pooling of the same surgical studies. */
export const deville2000: Study = {
  id: 'deville-2000',
  cite: 'Devillé 2000, Spine',
  people: 'Surgical populations, 17 studies',
  reference: 'Surgery',
  n: null,
  cohort: 'pooled-surgical',
  checkedAgainstPaper: false,
}

export const DEVILLE_2000 = defineRows([
  {
    id: 'B01',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: deville2000,
    criterion: 'Any positive leg raise',
    sens: { value: 0.91, interval: [0.82, 0.94] },
    spec: { value: 0.26, interval: [0.16, 0.38] },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'People selected for surgery; pooled again later' },
  },
  {
    id: 'B02',
    of: 'crossed-leg-raise',
    for: 'root-lumbar-low',
    from: deville2000,
    criterion: 'Raising the sound leg brings pain into the symptomatic one',
    sens: { value: 0.29, interval: [0.24, 0.34] },
    spec: { value: 0.88, interval: [0.86, 0.9] },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Pooled again later from overlapping studies' },
  },
])
