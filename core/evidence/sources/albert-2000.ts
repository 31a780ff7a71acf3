import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Pelvic tests in a large pregnancy cohort; specificity is inflated by healthy comparisons. */
export const albert2000: Study = {
  id: 'albert-2000',
  cite: 'Albert 2000, Eur Spine J',
  people: 'Pregnancy, against healthy pregnant women',
  reference: 'Clinical classification that used the tests',
  n: 2269,
  cohort: 'albert',
  checkedAgainstPaper: false,
}

export const ALBERT_2000 = defineRows([
  {
    id: 'A40',
    of: 'thigh-thrust',
    for: 'sij-pain',
    from: albert2000,
    criterion: 'Familiar pain of the pushed side',
    sens: null,
    spec: { value: 0.98 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Healthy women as comparison and a classification that used the test: not usable for a source' },
  },
  {
    id: 'A41',
    of: 'faber',
    for: 'sij-pain',
    from: albert2000,
    criterion: 'Pain in the pelvic girdle',
    sens: null,
    spec: { value: 0.99 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Healthy women as comparison and a classification that used the test: not usable for a source' },
  },
  {
    id: 'A42',
    of: null,
    for: null,
    subject: 'Symphysis palpation: pain persisting >5 s after release',
    target: 'Symphysis pain',
    from: albert2000,
    criterion: 'Persistence criterion (5 s) also used in the European guideline. κ ≈0.89.',
    sens: null,
    spec: { value: 0.99 },
    counts: null,
    printed: { sens: '0.60–0.81', lrPositive: 'not usable (inflated)', lrNegative: '0.19–0.40 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
  {
    id: 'A43',
    of: null,
    for: null,
    subject: 'Modified Trendelenburg with symphysis pain',
    target: 'Symphysis pain',
    from: albert2000,
    criterion:
      'Stand, flex opposite hip and knee 90°; positive = symphysis pain. κ ≈0.63. Compression 0.25–0.38/1.00 and separation 0.04–0.14/1.00 in same study (medium).',
    sens: null,
    spec: { value: 0.99 },
    lrNegative: { value: 0.4 },
    counts: null,
    printed: { sens: '0.60–0.62', lrPositive: 'not usable (inflated)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
