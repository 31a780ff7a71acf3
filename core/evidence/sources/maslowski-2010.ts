import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** FABER read at the groin, against the hip. */
export const maslowski2010: Study = {
  id: 'maslowski-2010',
  cite: 'Maslowski 2010, PM R',
  people: 'Hip pain',
  reference: 'Anaesthetic into the hip joint',
  n: 50,
  cohort: 'maslowski',
  checkedAgainstPaper: false,
}

export const MASLOWSKI_2010 = defineRows([
  {
    id: 'I07',
    of: 'faber',
    for: 'hip',
    from: maslowski2010,
    criterion: 'Groin pain',
    sens: { value: 0.82 },
    spec: { value: 0.25 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Hardly tells hip pain from other pain; kept as a pointer' },
  },
])
