import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Discogenic pain. */
export const laslett2006Disc: Study = {
  id: 'laslett-2006-disc',
  cite: 'Laslett 2006 Eur Spine J',
  people: 'Not known here',
  reference: 'Discography',
  n: null,
  cohort: 'laslett-2006-disc',
  checkedAgainstPaper: false,
}

export const LASLETT_2006_DISC = defineRows([
  {
    id: 'C14',
    of: null,
    for: null,
    subject: 'Vulnerability in neutral zone / extension loss / persistent pain between episodes',
    target: 'Discogenic pain',
    from: laslett2006Disc,
    criterion: 'Vulnerability in neutral zone / extension loss / persistent pain between episodes',
    sens: null,
    spec: null,
    counts: null,
    printed: { lrPositive: 'about 2–4' },
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
