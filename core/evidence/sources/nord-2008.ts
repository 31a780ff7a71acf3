import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** No TOS. */
export const nord2008: Study = {
  id: 'nord-2008',
  cite: 'Nord 2008 Electromyogr Clin Neurophysiol',
  people: 'Not known here',
  reference: 'healthy/CTS',
  n: null,
  cohort: 'nord-2008',
  checkedAgainstPaper: false,
}

export const NORD_2008 = defineRows([
  {
    id: 'G09',
    of: null,
    for: null,
    subject: 'TOS manoeuvres in carpal tunnel and healthy',
    target: 'No TOS',
    from: nord2008,
    criterion: 'High false positives, more in CTS.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
