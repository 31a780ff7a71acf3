import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { allOf, line, otherwise, familiar, pointsTo, table, testedSide } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Active side-bend: towards the sore side closes, away from it pulls. Each side is its own result. */
export const neckSideBend = defineTest({
  id: 'neck-side-bend',
  name: 'Cervical side-flexion, active (shoulder side noted)',
  short: 'side-flexion',
  alsoCalled: ['Active neck side-bend', 'Side-bend', 'Cervical lateral flexion'],
  region: 'neck',
  plannedFor: ['arm'],
  purpose: 'Shows whether closing or opening a side brings the arm symptom on.',
  plain: 'asked you to tilt your head to the {side}',
  structures: ['cervical nerve roots', 'facet joints', 'neck muscles'],
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
      { handsOff: true, angle: { joint: 'neck side-flexion', min: 0, max: 70, usual: [10, 55] } },
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
        'familiar arm symptom on bending towards it: compression outside the root',
        pointsTo('root-cervical'),
      ),
      line(
        allOf(familiar(ARM), testedSide('other')),
        'positive',
        'familiar arm symptom on bending away from it: the root is pulled from the inside',
        pointsTo('root-cervical'),
      ),
      line(familiar(NECK), 'negative', 'familiar pain in the neck on the side bent to', pointsTo('facet-cervical')),
    ],
    otherwise: otherwise('negative', 'no familiar symptom on bending to this side'),
  }),
  shares: ['foraminal-closing'],
})
