import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** FABER read by its range, against hip osteoarthritis. */
export const sutlive2008: Study = {
  id: 'sutlive-2008',
  cite: 'Sutlive 2008, J Orthop Sports Phys Ther',
  people: 'Hip pain',
  reference: 'Osteoarthritis on radiographs',
  n: 72,
  cohort: 'sutlive',
  checkedAgainstPaper: false,
}

export const SUTLIVE_2008 = defineRows([
  {
    id: 'I02',
    of: 'faber',
    for: 'hip',
    from: sutlive2008,
    criterion: 'Less than 60° by inclinometer',
    sens: { value: 0.57 },
    spec: { value: 0.71 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Reads the range, which is not recorded here; the place of pain is' },
  },
])
