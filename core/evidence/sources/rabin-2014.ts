import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Success with stabilisation exercise (treatment response). */
export const rabin2014: Study = {
  id: 'rabin-2014',
  cite: 'Rabin 2014 J Orthop Sports Phys Ther',
  people: 'Not known here',
  reference: 'RCT effect modification',
  n: 105,
  cohort: 'rabin-2014',
  checkedAgainstPaper: false,
}

export const RABIN_2014 = defineRows([
  {
    id: 'C29',
    of: 'stabilise-four',
    for: 'instability-lumbar',
    subject: 'Same rule, validation trial',
    target: 'Success with stabilisation exercise (treatment response)',
    from: rabin2014,
    criterion: 'Rule NOT validated; 2-item version (PIT + aberrant) showed possible promise.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'The validation trial: the rule was not confirmed' },
  },
])
