import type { Reliability } from './reliability'

/** How well tests of the hip repeat, what is normal, and how results are defined. */
export const HIP: readonly Reliability[] = [
  {
    id: 'I30',
    of: ['faber'],
    subject: 'Hip signs',
    property: 'inter-rater κ',
    cite: 'Martin & Sekiya 2008 J Orthop Sports Phys Ther',
    people: '70',
    value: 'FABER 0.63; log roll 0.61; impingement 0.58; trochanteric tenderness 0.66',
    confidence: 'high',
    note: '',
  },
  {
    id: 'I31',
    of: ['leg-raise', 'slump'],
    subject: 'Hamstrings vs neural',
    property: 'definition',
    cite: 'Lew & Briggs 1997 Man Ther; Bueno-Gracia 2019 Musculoskelet Sci Pract',
    people: 'not applicable',
    value:
      'neural if posterior thigh pain changes when neck flexion or ankle dorsiflexion alters with hip/knee held; muscle if unchanged and worse on resisted knee flexion',
    confidence: 'medium',
    note: 'Ankle dorsiflexion/neck flexion barely moves hamstrings in proximal thigh.',
  },
]
