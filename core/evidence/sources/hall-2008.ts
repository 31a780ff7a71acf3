import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** CGH vs controls/lower cervical facet. */
export const hall2008: Study = {
  id: 'hall-2008',
  cite: 'Hall 2008 J Manipulative Physiol Ther',
  people: 'Not known here',
  reference: 'Clinical criteria',
  n: 40,
  cohort: 'hall-2008',
  checkedAgainstPaper: false,
}

export const HALL_2008 = defineRows([
  {
    id: 'E08',
    of: 'flexion-rotation',
    for: 'joint-upper-neck',
    subject: 'Flexion–rotation test',
    target: 'CGH vs controls/lower cervical facet',
    from: hall2008,
    criterion: 'κ 0.85 experienced; less experienced examiners similar but less accurate (low).',
    sens: { value: 0.9 },
    spec: { value: 0.88 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Compared with healthy people and lower facets' },
  },
])
