import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Pregnancy-related posterior pelvic pain. */
export const mens2001: Study = {
  id: 'mens-2001',
  cite: 'Mens 2001 Spine',
  people: 'Not known here',
  reference: 'P4 + history selection; healthy controls',
  n: 250,
  cohort: 'mens-2001',
  checkedAgainstPaper: false,
}

export const MENS_2001 = defineRows([
  {
    id: 'A46',
    of: 'active-leg-raise',
    for: 'sij-ligament',
    subject: 'ASLR positive (score >0)',
    target: 'Pregnancy-related posterior pelvic pain',
    from: mens2001,
    criterion:
      'Case–control vs healthy: spec inflated. Test of load transfer, NOT a pain-source test. Supine, feet 20 cm apart, raise straight leg 20 cm; score each leg 0 not difficult – 1 minimal – 2 somewhat – 3 fairly – 4 very – 5 unable; sum 0–10. Repeat with pelvic compression (hands/belt): easier = supportive.',
    sens: { value: 0.87 },
    spec: { value: 0.94 },
    counts: { tp: 174, fn: 26, fp: 3, tn: 47 },
    confidence: 'high',
    use: { use: 'shown', because: 'A test of control, not of a source of pain; compared with healthy women' },
  },
])
