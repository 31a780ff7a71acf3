import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** The ankle added where the leg raise was normal: another test than the one here. */
export const homayouni2018: Study = {
  id: 'homayouni-2018',
  cite: 'Homayouni 2018, J Chiropr Med',
  people: 'Symptoms with a normal leg raise',
  reference: 'Electrodiagnosis',
  n: 506,
  cohort: 'homayouni',
  checkedAgainstPaper: false,
}

export const HOMAYOUNI_2018 = defineRows([
  {
    id: 'B22',
    of: 'leg-raise-ankle',
    for: 'root-lumbar-low',
    from: homayouni2018,
    criterion: 'Symptom on bending the ankle up just short of the limit',
    sens: { value: 0.693, interval: [0.633, 0.748] },
    spec: { value: 0.674, interval: [0.613, 0.731] },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: 'Measured in people whose leg raise was normal; here the ankle is moved after a positive raise' },
  },
])
