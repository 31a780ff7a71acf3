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
])
