import type { Reliability } from './reliability'

/** How well tests of the neck facets repeat, what is normal, and how results are defined. */
export const NECK_FACET: readonly Reliability[] = [
  {
    id: 'F20',
    of: ['neck-extension-rotation', 'neck-segment-motion', 'neck-segment-palpation'],
    subject: 'ER, MSE, PST',
    property: 'inter-/intra-rater κ',
    cite: 'Schneider GM 2013 Arch Phys Med Rehabil',
    people: '56',
    value: 'moderate to substantial (about 0.5–0.8), exact not known',
    confidence: 'low',
    note: '',
  },
  {
    id: 'F21',
    of: ['neck-segment-motion'],
    subject: 'Cervical passive intervertebral motion',
    property: 'inter-rater κ',
    cite: 'Smedmark 2000; Pool 2004; Cleland 2006',
    people: '55; 32; 22',
    value: '0.28–0.43; poor–moderate; variable',
    confidence: 'medium',
    note: 'Pain response more reliable than stiffness.',
  },
]
