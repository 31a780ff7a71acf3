import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** No TOS. */
export const plewa1998: Study = {
  id: 'plewa-1998',
  cite: 'Plewa & Delinger 1998 Acad Emerg Med',
  people: 'Not known here',
  reference: 'healthy',
  n: 53,
  cohort: 'plewa-1998',
  checkedAgainstPaper: false,
}

export const PLEWA_1998 = defineRows([
  {
    id: 'G05',
    of: null,
    for: null,
    subject: 'Healthy false-positive: pulse (Adson / costoclavicular / EAST / supraclavicular pressure)',
    target: 'No TOS',
    from: plewa1998,
    criterion: 'Pulse change 11/11/62/21%; pain 0/0/21/2%; paraesthesia 11/15/36/15%.',
    sens: null,
    spec: null,
    counts: null,
    printed: { spec: '0.89 / 0.89 / 0.38 / 0.79 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
