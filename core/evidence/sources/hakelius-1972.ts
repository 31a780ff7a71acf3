import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** A historic surgical series. */
export const hakelius1972: Study = {
  id: 'hakelius-1972',
  cite: 'Hakelius & Hindmarsh 1972, Acta Orthop Scand',
  people: 'Surgical series',
  reference: 'Surgery',
  n: 1986,
  cohort: 'hakelius',
  checkedAgainstPaper: false,
}

export const HAKELIUS_1972 = defineRows([
  {
    id: 'B14',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: hakelius1972,
    criterion: 'Any positive leg raise',
    sens: { value: 0.96 },
    spec: { value: 0.14 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'A historic surgical series, part of the pooled figures' },
  },
  {
    id: 'B14/2',
    of: 'crossed-leg-raise',
    for: 'root-lumbar-low',
    from: hakelius1972,
    criterion: 'Raising the well leg brings pain into the sore one',
    sens: { value: 0.28 },
    spec: { value: 0.88 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'A historic surgical series, part of the pooled figures' },
  },
])
