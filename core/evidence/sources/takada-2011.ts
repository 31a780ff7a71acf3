import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Abdominal-wall pain. */
export const takada2011: Study = {
  id: 'takada-2011',
  cite: 'Takada 2011 and others',
  people: 'Not known here',
  reference: 'Clinical/response',
  n: null,
  cohort: 'takada-2011',
  checkedAgainstPaper: false,
}

export const TAKADA_2011 = defineRows([
  {
    id: 'I15',
    of: 'abdominal-tension',
    for: 'abdominal-wall',
    subject: 'Carnett sign (tensed abdominal wall pain)',
    target: 'Abdominal-wall pain',
    from: takada2011,
    criterion: 'Supine, raise head/shoulders: pain unchanged or worse = wall (incl. nerve), less = visceral.',
    sens: null,
    spec: null,
    lrPositive: { value: 6.5 },
    lrNegative: { value: 0.25 },
    counts: null,
    printed: { sens: 'about 0.78', spec: 'about 0.88' },
    confidence: 'low',
    use: { use: 'shown', because: 'Figures known with doubt' },
  },
])
