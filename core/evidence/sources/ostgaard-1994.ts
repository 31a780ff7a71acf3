import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** The thigh thrust in pregnancy. */
export const ostgaard1994: Study = {
  id: 'ostgaard-1994',
  cite: 'Ostgaard 1994, Eur Spine J',
  people: 'Pregnancy',
  reference: 'Clinical classification',
  n: 72,
  cohort: 'ostgaard',
  checkedAgainstPaper: false,
}

export const OSTGAARD_1994 = defineRows([
  {
    id: 'A39',
    of: 'thigh-thrust',
    for: 'sij-pain',
    from: ostgaard1994,
    criterion: 'Familiar pain in buttock or sacroiliac area of the pushed side, light pressure',
    sens: { value: 0.81 },
    spec: { value: 0.8 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Judged by a clinical classification that may have used the test itself, in pregnancy only' },
  },
])
