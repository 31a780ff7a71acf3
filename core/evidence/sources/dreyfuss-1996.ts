import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Single tests in people who were all suspected of sacroiliac pain beforehand. */
export const dreyfuss1996: Study = {
  id: 'dreyfuss-1996',
  cite: 'Dreyfuss 1996, Spine',
  people: 'People already selected for sacroiliac features',
  reference: 'One fluoroscopic sacroiliac block, 90 % relief or more',
  n: 85,
  cohort: 'dreyfuss',
  checkedAgainstPaper: false,
}

const SELECTED = 'Everyone in the study was selected for sacroiliac features beforehand, so the figures do not carry over'

export const DREYFUSS_1996 = defineRows([
  {
    id: 'A23',
    of: 'thigh-thrust',
    for: 'sij-pain',
    from: dreyfuss1996,
    criterion: 'Pain reproduced',
    sens: { value: 0.36 },
    spec: { value: 0.5 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: SELECTED },
  },
  {
    id: 'A24',
    of: 'faber',
    for: 'sij-pain',
    from: dreyfuss1996,
    criterion: 'Pain behind, over the joint',
    sens: { value: 0.69 },
    spec: { value: 0.16 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: SELECTED },
  },
  {
    id: 'A25',
    of: 'gaenslen',
    for: 'sij-pain',
    from: dreyfuss1996,
    criterion: 'Pain reproduced',
    sens: { value: 0.71 },
    spec: { value: 0.26 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: SELECTED },
  },
  {
    id: 'A26',
    of: 'sacral-thrust',
    for: 'sij-pain',
    from: dreyfuss1996,
    criterion: 'Pain reproduced by a midline press',
    sens: { value: 0.53 },
    spec: { value: 0.29 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: SELECTED },
  },
])
