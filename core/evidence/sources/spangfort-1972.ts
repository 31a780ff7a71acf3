import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** A historic surgical series. */
export const spangfort1972: Study = {
  id: 'spangfort-1972',
  cite: 'Spangfort 1972, Acta Orthop Scand Suppl',
  people: 'Surgical series',
  reference: 'Surgery',
  n: 2504,
  cohort: 'spangfort',
  checkedAgainstPaper: false,
}

export const SPANGFORT_1972 = defineRows([
  {
    id: 'B15',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: spangfort1972,
    criterion: 'Any positive leg raise',
    sens: { value: 0.97 },
    spec: { value: 0.11 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'A historic surgical series, part of the pooled figures' },
  },
  {
    id: 'B15/2',
    of: 'crossed-leg-raise',
    for: 'root-lumbar-low',
    from: spangfort1972,
    criterion: 'Raising the well leg brings pain into the sore one',
    sens: { value: 0.23 },
    spec: { value: 0.88 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'A historic surgical series, part of the pooled figures' },
  },
])
