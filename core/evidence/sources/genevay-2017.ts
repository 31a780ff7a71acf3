import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Radicular pain from disc herniation. */
export const genevay2017: Study = {
  id: 'genevay-2017',
  cite: 'Genevay 2017 Spine J',
  people: 'Not known here',
  reference: 'Expert diagnosis + imaging',
  n: 209,
  cohort: 'genevay-2017',
  checkedAgainstPaper: false,
}

export const GENEVAY_2017 = defineRows([
  {
    id: 'B41',
    of: null,
    for: null,
    subject: 'Weighted radicular criteria (monoradicular pain, unilateral, SLR <60°/FNST, specific weakness, ankle reflex asymmetry)',
    target: 'Radicular pain from disc herniation',
    from: genevay2017,
    criterion: 'Weights and cut-off not known.',
    sens: { value: 0.71 },
    spec: { value: 0.9 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
