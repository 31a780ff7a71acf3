import { defineRows } from '../accuracy'
import type { Study } from '../study'

/** Disc herniation (surgery-based summary). */
export const deyo1992: Study = {
  id: 'deyo-1992',
  cite: 'Deyo 1992 JAMA (review)',
  people: 'Not known here',
  reference: 'Surgery/imaging',
  n: null,
  cohort: 'deyo-1992',
  checkedAgainstPaper: false,
}

export const DEYO_1992 = defineRows([
  {
    id: 'B11',
    of: 'leg-raise',
    for: 'root-lumbar-low',
    subject: 'SLR',
    target: 'Disc herniation (surgery-based summary)',
    from: deyo1992,
    criterion:
      'Companion values: crossed SLR 0.25/0.90; dorsiflexion weakness 0.35/0.70; great-toe ext. weakness 0.50/0.70; ankle reflex 0.50/0.60; sensory loss 0.50/0.50; plantarflexion weakness 0.06/0.95; quadriceps weakness <0.01/0.99; sciatica symptom 0.95/0.88.',
    sens: { value: 0.8 },
    spec: { value: 0.4 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'A summary of surgical series; the pooled figures stand for it' },
  },
  {
    id: 'K08',
    of: null,
    for: null,
    subject: 'Urinary retention (classic)',
    target: 'Cauda equina syndrome',
    from: deyo1992,
    criterion: 'Late sign: do not wait.',
    sens: { value: 0.9 },
    spec: { value: 0.95 },
    counts: null,
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
  {
    id: 'K11',
    of: null,
    for: null,
    subject: 'Fever',
    target: 'Spinal infection',
    from: deyo1992,
    criterion: 'TB 0.27, osteomyelitis 0.50, epidural abscess 0.83. Absence does not exclude.',
    sens: null,
    spec: { value: 0.98 },
    counts: null,
    printed: { sens: '0.27–0.83' },
    confidence: 'high',
    use: { use: 'shown', because: 'Not a test or rule used here' },
  },
])
