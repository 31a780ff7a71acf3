import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Symphysis source. */
export const noStudyKnown: Study = {
  id: 'no-study-known',
  cite: 'no accuracy study known',
  people: 'Not known here',
  reference: 'none',
  n: null,
  cohort: 'no-study-known',
  checkedAgainstPaper: false,
}

export const NO_STUDY_KNOWN = defineRows([
  {
    id: 'A54',
    of: 'pubic-shear',
    for: 'pubic-symphysis',
    subject: 'Pubic shear / symphysis spring',
    target: 'Symphysis source',
    from: noStudyKnown,
    criterion:
      'Textbook test (one hand pushes superior ramus caudally while the other pushes opposite ramus cranially). No figures exist known; use symphysis palpation (A42) instead.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'No accuracy study is known' },
  },
  {
    id: 'A55',
    of: 'knee-to-shoulder',
    for: 'sij-pain',
    subject: 'Pump-handle style test (supine, flexed hip/knee driven to opposite shoulder)',
    target: 'SIJ source',
    from: noStudyKnown,
    criterion:
      'Textbook description only; loads hip, SIJ, sacrotuberous lig. and gluteals together. Note "pump-handle" also means a rib motion – ambiguous term.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'No accuracy study is known' },
  },
  {
    id: 'C36',
    of: 'lumbar-torsion',
    for: 'facet-lumbar',
    subject: 'Torsion test (Farfan)',
    target: 'Torsional instability',
    from: noStudyKnown,
    criterion: 'Prone, stabilise thoracolumbar spine, lift opposite ASIS; pain = positive by convention only.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'No accuracy study is known' },
  },
  {
    id: 'C37',
    of: 'heel-to-buttock',
    for: 'instability-lumbar',
    subject: 'Prone knee-to-buttock compression (Pheasant)',
    target: 'Segmental instability / root',
    from: noStudyKnown,
    criterion:
      'Prone, gentle pressure on lumbar spine, heels to buttocks; leg pain from hyperextension = positive by convention only. Overlaps prone knee bend.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'No accuracy study is known' },
  },
  {
    id: 'D33',
    of: 'shoulder-depression',
    for: 'root-cervical',
    subject: 'Shoulder depression (side-flexion away + depress)',
    target: 'Root/plexus',
    from: noStudyKnown,
    criterion: 'Textbook test only.',
    sens: null,
    spec: null,
    counts: null,
    confidence: 'low',
    use: { use: 'shown', because: 'No accuracy study is known' },
  },
])
