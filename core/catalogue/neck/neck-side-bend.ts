import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { allOf, line, otherwise, familiar, pointsTo, table, testedSide } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Active side-bend: towards the sore side closes, away from it pulls. Each side is its own result. */
export const neckSideBend = defineTest({
  id: 'neck-side-bend',
  name: 'Active neck side-bend',
  short: 'side-bend',
  alsoCalled: ['Cervical lateral flexion'],
  region: 'neck',
  plannedFor: ['arm'],
  purpose: 'Shows whether closing or opening a side brings the arm symptom on.',
  structures: ['neck roots', 'facet joints', 'neck muscles'],
  posture: 'sitting',
  phase: 'movement',
  after: 'neck-rotation',
  sides: 'each',
  loadsBoth: true,
  plan: 'better-side-first',
  seconds: 20,
  provocative: 1,
  loads: [on('neck', 'bending', 'light'), on('upper-neck', 'movement', 'light')],
  variants: [{ id: 'active', name: 'By the patient' }],
  stages: [
    load(
      'bend',
      'Bend to the side',
      'Bend the head slowly towards the {side} shoulder.',
      { ...close(SITTING_FRONT), neckBend: 32, measured: 'neck-bend', contacts: [] },
      { handsOff: true, angle: { joint: 'neck side-bend', min: 0, max: 70, usual: [10, 55] } },
    ),
  ],
  doesNotCount: ['a stretch on the far side'],
  notWith: [],
  careWith: [{ judged: 'severe arm pain', then: 'let them stop early' }],
  faults: ['shoulder lifted to the ear', 'turning instead of bending'],
  reading: table({
    source: 'root-cervical',
    counts: [...ARM, ...NECK],
    lines: [
      line(
        allOf(familiar(ARM), testedSide('same')),
        'positive',
        'own arm symptom on bending towards it: compression outside the root',
        pointsTo('root-cervical'),
      ),
      line(
        allOf(familiar(ARM), testedSide('other')),
        'positive',
        'own arm symptom on bending away from it: the root is pulled from the inside',
        pointsTo('root-cervical'),
      ),
      line(familiar(NECK), 'negative', 'own pain in the neck on the side bent to', pointsTo('facet-cervical')),
    ],
    otherwise: otherwise('negative', 'no own symptom on bending to this side'),
  }),
  shares: ['foraminal-closing'],
})
