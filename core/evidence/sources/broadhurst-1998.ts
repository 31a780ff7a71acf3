import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Block against sham: its specificity of 1.00 comes from the design. */
export const broadhurst1998: Study = {
  id: 'broadhurst-1998',
  cite: 'Broadhurst & Bond 1998, J Spinal Disord',
  people: 'Suspected sacroiliac pain',
  reference: 'Sacroiliac block against sham, 70 % relief or more',
  n: 40,
  cohort: 'broadhurst',
  checkedAgainstPaper: false,
}

const SHAM = 'Specificity of 1.00 comes from using the sham arm as people without the condition'

export const BROADHURST_1998 = defineRows([
  {
    id: 'A30',
    of: 'faber',
    for: 'sij-pain',
    from: broadhurst1998,
    criterion: 'Familiar pain',
    sens: { value: 0.77 },
    spec: { value: 1 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: SHAM },
  },
  {
    id: 'A31',
    of: 'thigh-thrust',
    for: 'sij-pain',
    from: broadhurst1998,
    criterion: 'Familiar pain',
    sens: { value: 0.8 },
    spec: { value: 1 },
    counts: null,
    confidence: 'medium',
    use: { use: 'shown', because: SHAM },
  },
  {
    id: 'A32',
    of: null,
    for: null,
    subject: 'Resisted hip abduction (side-lying)',
    target: 'SIJ pain (intra-articular)',
    from: broadhurst1998,
    criterion: 'As A30. Also loads gluteal tendons (section I).',
    sens: { value: 0.87 },
    spec: { value: 1 },
    counts: null,
    printed: { lrPositive: '∞ (d)' },
    confidence: 'medium',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
