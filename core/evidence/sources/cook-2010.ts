import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Cervical myelopathy. */
export const cook2010: Study = {
  id: 'cook-2010',
  cite: 'Cook 2010 J Man Manip Ther',
  people: 'Not known here',
  reference: 'MRI-confirmed diagnosis',
  n: 249,
  cohort: 'cook-2010',
  checkedAgainstPaper: false,
}

export const COOK_2010 = defineRows([
  {
    id: 'E10',
    of: 'cord-five',
    for: 'cord',
    subject: '≥3 of 5 (gait deviation, Hoffmann, inverted supinator, Babinski, age >45)',
    target: 'Cervical myelopathy',
    from: cook2010,
    criterion: 'Post-test 94% from 35%. CI huge.',
    sens: { value: 0.19 },
    spec: { value: 0.99 },
    lrPositive: { value: 30.9, interval: [5.5, 181.8] },
    counts: null,
    confidence: 'high',
    speaks: 'positive',
    use: { use: 'preferred', because: 'The study this rule was published in' },
  },
  {
    id: 'E11',
    of: 'cord-clear',
    for: 'cord',
    subject: '≥1 of 5 (so the NEGATIVE result is 0 of 5)',
    target: 'Cervical myelopathy',
    from: cook2010,
    criterion:
      'SAFETY: widely quoted as "≤1 of 5 rules out". Arithmetic ((1−0.94)/0.31=0.19) shows LR− 0.18 belongs to 0 of 5. With one positive do not rule out. Prior 35% → 9% (derived); the printed 17% does not fit and needs checking.',
    sens: { value: 0.94 },
    spec: { value: 0.31 },
    lrNegative: { value: 0.18, interval: [0.12, 0.42] },
    counts: null,
    confidence: 'medium',
    speaks: 'negative',
    use: { use: 'preferred', because: 'None of five is what its ratio belongs to' },
  },
  {
    id: 'E15',
    of: 'cord-five',
    for: 'cord',
    subject: '≥2 of 5 (same myelopathy cluster)',
    target: 'Cervical myelopathy',
    from: cook2010,
    criterion: 'Shows that ≤1 positive (LR about 0.6–0.7) is NOT a rule-out.',
    sens: null,
    spec: null,
    lrPositive: { value: 3.3 },
    lrNegative: { value: 0.69 },
    counts: null,
    printed: { sens: 'about 0.39', spec: 'about 0.88' },
    confidence: 'low',
    use: { use: 'shown', because: 'Two or more of five: shows that one is no rule-out' },
  },
])
