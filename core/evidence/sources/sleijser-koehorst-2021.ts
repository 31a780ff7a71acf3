import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const sleijserKoehorst2021: Study = {
  id: 'sleijser-koehorst-2021',
  cite: 'Sleijser-Koehorst 2021 Physiotherapy',
  people: 'Not known here',
  reference: 'MRI + specialist',
  n: 134,
  cohort: 'sleijser-koehorst-2021',
  checkedAgainstPaper: false,
}

export const SLEIJSER_KOEHORST_2021 = defineRows([
  {
    id: 'D30',
    of: null,
    for: null,
    subject: 'Interview + clinical items',
    target: 'Cervical radiculopathy',
    from: sleijserKoehorst2021,
    criterion: 'Spurling most informative; interview items (e.g. arm pain dominant) helpful; figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
