import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Vertebrobasilar insufficiency. */
export const hutting2013B: Study = {
  id: 'hutting-2013-b',
  cite: 'Hutting 2013 Man Ther',
  people: 'Not known here',
  reference: 'Doppler/angiography',
  n: null,
  cohort: 'hutting-2013-b',
  checkedAgainstPaper: false,
}

export const HUTTING_2013_B = defineRows([
  {
    id: 'E09',
    of: null,
    for: null,
    subject: 'Vertebrobasilar positional tests',
    target: 'Vertebrobasilar insufficiency',
    from: hutting2013B,
    criterion: 'Not useful as screen; may be hazardous.',
    sens: null,
    spec: null,
    counts: null,
    printed: { sens: '0–0.57', spec: '0.67–1.00', lrPositive: '0.22–83.25', lrNegative: '0.44–1.40' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
