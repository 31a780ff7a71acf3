import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar disc herniation / root compression. */
export const alNezari2013: Study = {
  id: 'al-nezari-2013',
  cite: 'Al Nezari 2013 Spine J',
  people: 'Not known here',
  reference: 'Surgery | imaging',
  n: null,
  cohort: 'al-nezari-2013',
  checkedAgainstPaper: false,
}

export const AL_NEZARI_2013 = defineRows([
  {
    id: 'B33',
    of: 'low-feeling',
    for: 'root-lumbar-low',
    subject: 'Sensory deficit, pooled',
    target: 'Lumbar disc herniation / root compression',
    from: alNezari2013,
    criterion: 'Neurological tests alone do not confirm or exclude herniation.',
    sens: { value: 0.32 },
    spec: { value: 0.72 },
    counts: null,
    confidence: 'medium',
    use: { use: 'preferred', because: 'Pooled against imaging, which is what the other preferred rows are held against' },
  },
  {
    id: 'B34',
    of: 'low-weakness',
    for: 'root-lumbar-low',
    subject: 'Motor deficit, pooled',
    target: 'Lumbar disc herniation / root compression',
    from: alNezari2013,
    criterion: 'Imaging pair low-medium.',
    sens: { value: 0.4 },
    spec: { value: 0.62 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Pooled against any herniation; B36 was held against root compression' },
  },
  {
    id: 'B35',
    of: 'low-reflex',
    for: 'root-lumbar-low',
    subject: 'Reflex deficit, pooled',
    target: 'Lumbar disc herniation / root compression',
    from: alNezari2013,
    criterion: 'Reflex deficit, pooled',
    sens: { value: 0.25 },
    spec: { value: 0.75 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Pooled against any herniation; B37 was held against root compression' },
  },
])
