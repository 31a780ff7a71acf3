import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Peripartum posterior pelvic pain. */
export const vleeming2002: Study = {
  id: 'vleeming-2002',
  cite: 'Vleeming 2002 Acta Obstet Gynecol Scand',
  people: 'Not known here',
  reference: 'P4/ASLR-based classification',
  n: 178,
  cohort: 'vleeming-2002',
  checkedAgainstPaper: false,
}

export const VLEEMING_2002 = defineRows([
  {
    id: 'A44',
    of: null,
    for: null,
    subject: 'Long dorsal sacroiliac ligament palpation (tender)',
    target: 'Peripartum posterior pelvic pain',
    from: vleeming2002,
    criterion: 'Ligament palpated directly caudal to PSIS; tenderness scored 0–3 in guideline. 0.98 in most severe subgroup (low). No specificity.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0.76 (0.86 if P4 and ASLR both positive)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
