import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar spinal stenosis. */
export const cook2011: Study = {
  id: 'cook-2011',
  cite: 'Cook 2011 Physiother Res Int',
  people: 'Not known here',
  reference: 'Clinical + imaging',
  n: 1448,
  cohort: 'cook-2011',
  checkedAgainstPaper: false,
}

export const COOK_2011 = defineRows([
  {
    id: 'B47',
    of: null,
    for: null,
    subject: 'Stenosis cluster (bilateral; leg > back; pain walking/standing; relief sitting; age >48): ≥4 of 5',
    target: 'Lumbar spinal stenosis',
    from: cook2011,
    criterion:
      'None of 5 present (0/5): sens 0.96, LR− 0.19 (0.12–0.29). Often misquoted as "≤1 of 5": verify. 0.06/(1−0.98)=3.0, so the printed 4.6 reflects unrounded values. Target not in the brief; kept because stenosis competes with radicular pain.',
    sens: { value: 0.06 },
    spec: { value: 0.98 },
    lrPositive: { value: 4.6, interval: [2.4, 8.9] },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
