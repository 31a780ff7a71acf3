import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** A surgical series. */
export const kerr1988: Study = {
  id: 'kerr-1988',
  cite: 'Kerr 1988, J Neurol Neurosurg Psychiatry',
  people: 'People considered for surgery',
  reference: 'Surgery',
  n: 136,
  cohort: 'kerr',
  checkedAgainstPaper: false,
}

export const KERR_1988 = defineRows([
  {
    id: 'B12',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: kerr1988,
    criterion: 'Any positive leg raise',
    sens: { value: 0.98 },
    spec: { value: 0.44 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'A surgical series, part of the pooled figures' },
  },
  {
    id: 'B13',
    of: 'crossed-leg-raise',
    for: 'root-lumbar-low',
    from: kerr1988,
    criterion: 'Raising the well leg brings pain into the sore one',
    sens: { value: 0.43 },
    spec: { value: 0.97 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'A surgical series, part of the pooled figures' },
  },
])
