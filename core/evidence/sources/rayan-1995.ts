import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** No TOS. */
export const rayan1995: Study = {
  id: 'rayan-1995',
  cite: 'Rayan & Jensen 1995 J Shoulder Elbow Surg',
  people: 'Not known here',
  reference: 'healthy',
  n: 100,
  cohort: 'rayan-1995',
  checkedAgainstPaper: false,
}

export const RAYAN_1995 = defineRows([
  {
    id: 'G07',
    of: null,
    for: null,
    subject: 'Adson / costoclavicular / hyperabduction (pulse)',
    target: 'No TOS',
    from: rayan1995,
    criterion: 'Vascular positives 13.5%, 47%, 57%. Neurological 2–16.5%.',
    sens: null,
    spec: null,
    counts: null,
    printed: { spec: '0.865 / 0.53 / 0.43 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
