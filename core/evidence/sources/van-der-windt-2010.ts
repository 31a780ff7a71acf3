import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Pooled leg raise figures from people on their way to surgery. */
export const vanDerWindt2010: Study = {
  id: 'van-der-windt-2010',
  cite: 'van der Windt 2010, Cochrane Database Syst Rev',
  people: 'Surgical populations, 19 studies in the review',
  reference: 'Surgery or MRI',
  n: null,
  cohort: 'pooled-surgical',
  checkedAgainstPaper: false,
}

export const VAN_DER_WINDT_2010 = defineRows([
  {
    id: 'B03',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    from: vanDerWindt2010,
    criterion: 'Any positive leg raise',
    sens: { value: 0.92, interval: [0.87, 0.95] },
    spec: { value: 0.28, interval: [0.18, 0.4] },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'People selected for surgery: sensitivity is raised and specificity lowered' },
  },
  {
    id: 'B04',
    of: 'crossed-leg-raise',
    for: 'root-lumbar-low',
    from: vanDerWindt2010,
    criterion: 'Raising the well leg brings pain into the sore one',
    sens: { value: 0.28, interval: [0.22, 0.35] },
    spec: { value: 0.9, interval: [0.85, 0.94] },
    counts: null,
    confidence: 'high',
    use: { use: 'preferred', because: 'Pooled, and no study outside surgical populations is known' },
  },
])
