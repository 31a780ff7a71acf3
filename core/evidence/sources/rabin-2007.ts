import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** The same leg raised lying and seated: seated finds less. */
export const rabin2007: Study = {
  id: 'rabin-2007',
  cite: 'Rabin 2007, Arch Phys Med Rehabil',
  people: 'People with root compression on MRI',
  reference: 'MRI',
  n: 71,
  cohort: 'rabin',
  checkedAgainstPaper: false,
}

export const RABIN_2007 = defineRows([
  {
    id: 'B08',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: rabin2007,
    criterion: 'Supine',
    sens: { value: 0.67, interval: [0.53, 0.79] },
    spec: null,
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Sensitivity only' },
  },
  {
    id: 'B09',
    of: 'seated-leg-raise',
    for: 'root-lumbar-low',
    from: rabin2007,
    criterion: 'Sitting',
    sens: { value: 0.41, interval: [0.29, 0.55] },
    spec: null,
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Sensitivity only: a negative seated raise does not cancel a positive supine one' },
  },
])
