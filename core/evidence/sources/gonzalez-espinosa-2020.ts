import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Lumbar radiculopathy. */
export const gonzalezEspinosa2020: Study = {
  id: 'gonzalez-espinosa-2020',
  cite: 'González Espinosa de los Monteros 2020 Int J Environ Res Public Health',
  people: 'Not known here',
  reference: 'Electrodiagnosis/MRI',
  n: 864,
  cohort: 'gonzalez-espinosa-2020',
  checkedAgainstPaper: false,
}

export const GONZALEZ_ESPINOSA_2020 = defineRows([
  {
    id: 'B23',
    of: 'leg-raise-ankle',
    for: 'root-lumbar-low',
    subject: 'SLR + Bragard combinations',
    target: 'Lumbar radiculopathy',
    from: gonzalezEspinosa2020,
    criterion: 'Reported combination more accurate than either; figures not known.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'Figures not known' },
  },
])
