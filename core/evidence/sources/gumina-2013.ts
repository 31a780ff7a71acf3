import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical radiculopathy. */
export const gumina2013: Study = {
  id: 'gumina-2013',
  cite: 'Gumina 2013 Eur Spine J',
  people: 'Not known here',
  reference: 'Clinical + EMG + MRI',
  n: 1567,
  cohort: 'gumina-2013',
  checkedAgainstPaper: false,
}

export const GUMINA_2013 = defineRows([
  {
    id: 'D26',
    of: null,
    for: null,
    subject: 'Arm squeeze (compression mid-upper arm)',
    target: 'Cervical radiculopathy',
    from: gumina2013,
    criterion:
      'Positive = VAS ≥3 points more than on AC-joint/subacromial pressure (squeeze moderate, both arms). Separate control groups give spec 0.91 (shoulder) to 1.00 (healthy).',
    sens: { value: 0.96 },
    spec: null,
    counts: null,
    printed: { spec: '0.91–1.00', lrPositive: 'about 10+ (d)', lrNegative: 'about 0.04 (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
