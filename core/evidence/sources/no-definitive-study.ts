import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Hip vs SIJ. */
export const noDefinitiveStudy: Study = {
  id: 'no-definitive-study',
  cite: 'no definitive study',
  people: 'Not known here',
  reference: 'expert convention',
  n: null,
  cohort: 'no-definitive-study',
  checkedAgainstPaper: false,
}

export const NO_DEFINITIVE_STUDY = defineRows([
  {
    id: 'I01',
    of: null,
    for: null,
    subject: 'FABER: pain location reading',
    target: 'Hip vs SIJ',
    from: noDefinitiveStudy,
    criterion: 'Groin/anterior pain = hip; posterior over PSIS = SIJ; lateral = gluteal. Convention, not validated.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
