import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbopelvic pain in pregnancy. */
export const mens2012: Study = {
  id: 'mens-2012',
  cite: 'Mens 2012 Man Ther',
  people: 'Not known here',
  reference: 'Questionnaire/clinical',
  n: 110,
  cohort: 'mens-2012',
  checkedAgainstPaper: false,
}

export const MENS_2012 = defineRows([
  {
    id: 'A47',
    of: 'active-leg-raise',
    for: 'sij-ligament',
    subject: 'ASLR, pregnancy cohort',
    target: 'Lumbopelvic pain in pregnancy',
    from: mens2012,
    criterion: 'Cut-off and figures not known; sensitivity clearly lower than A46.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: 'about 0.54', spec: 'about 0.97' },
    confidence: 'low',
    use: { use: 'shown', because: 'A test of control, not of a source of pain' },
  },
])
