import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Electrodiagnostic radiculopathy. */
export const lauder2000Arm: Study = {
  id: 'lauder-2000-arm',
  cite: 'Lauder 2000 Arch Phys Med Rehabil',
  people: 'Not known here',
  reference: 'EMG',
  n: 183,
  cohort: 'lauder-2000-arm',
  checkedAgainstPaper: false,
}

export const LAUDER_2000_ARM = defineRows([
  {
    id: 'D34a',
    of: 'arm-reflexes',
    for: 'root-cervical',
    subject: 'Reflexes of the arm, one by one',
    target: 'Electrodiagnostic radiculopathy',
    from: lauder2000Arm,
    criterion: 'Weakness 0.73/0.61; sensory loss 0.49/0.64.',
    sens: { value: 0.1 },
    spec: { value: 0.99 },
    lrPositive: { value: 10 },
    lrNegative: { value: 0.91 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Three reflexes apart; D13 leads' },
  },
  {
    id: 'D34w',
    of: 'arm-weakness',
    for: 'root-cervical',
    subject: 'Weakness of the arm',
    target: 'Electrodiagnostic radiculopathy',
    from: lauder2000Arm,
    criterion: 'Weakness 0.73/0.61; sensory loss 0.49/0.64.',
    sens: { value: 0.73 },
    spec: { value: 0.61 },
    counts: null,
    confidence: 'medium',
    use: { use: 'preferred', because: 'Any weakness of the arm, as the screen records it' },
  },
  {
    id: 'D34s',
    of: 'arm-feeling',
    for: 'root-cervical',
    subject: 'Loss of feeling in the arm',
    target: 'Electrodiagnostic radiculopathy',
    from: lauder2000Arm,
    criterion: 'Weakness 0.73/0.61; sensory loss 0.49/0.64.',
    sens: { value: 0.49 },
    spec: { value: 0.64 },
    counts: null,
    confidence: 'medium',
    use: { use: 'preferred', because: 'Any loss of feeling in the arm, as the screen records it' },
  },
])
