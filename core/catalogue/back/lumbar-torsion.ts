import { LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { column, grid, load, LUMBAR_LEVELS, observe } from '../stages'
import { on } from '../load'

const POSE = {
  ...FACE_DOWN,
  contacts: [
    { on: 'thorax', along: 0.95, off: 11, from: 90, push: 270 },
    { on: 'pelvis', along: 0.6, off: -9, from: 285, push: 90 },
  ],
} as const

/** Torsion of the low back, level by level: not specific, so note the level and narrow down. */
export const lumbarTorsion = defineTest({
  id: 'lumbar-torsion',
  name: 'Lumbar torsion test, by level',
  short: 'torsion',
  alsoCalled: ['Lumbar torsion stress', 'Farfan'],
  region: 'back',
  plannedFor: [],
  intimate: 'undressing',
  purpose: 'Twists the low back from T12 down, to find the level that gives the familiar pain.',
  plain: 'turned each bone of your low back to the {side}',
  structures: ['joint capsules', 'facet joints', 'ligaments between the spinous processes'],
  posture: 'prone',
  phase: 'loading',
  after: 'sacral-thrust',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 45,
  provocative: 2,
  loads: [on('low-back', 'rotation', 'strong'), on('low-back', 'thrust', 'strong')],
  variants: [
    { id: 'level-by-level', name: 'Hand at T12, then down, each level asked', stages: ['twist', 'levels'] },
    { id: 'from-t12', name: 'Hand at T12, then down level by level', stages: ['twist', 'level'], retired: true },
  ],
  stages: [
    load('twist', 'Hold T12, lift the pelvis', 'One hand at T12. Lift the front of the {side} pelvis; then step the hand down level by level.', POSE),
    grid(
      'levels',
      'Which levels',
      'At each level: is it the familiar pain?',
      { t12: 'T12', ...LUMBAR_LEVELS },
      [column('own', 'familiar pain', { no: 'no', yes: 'yes' }, { usual: 'no' })],
      POSE,
      {
        ifReproduced: { since: 3 },
      },
    ),
    observe('level', 'Which level', 'At which level was it?', { t12: 'T12', l1: 'L1', l2: 'L2', l3: 'L3', l4: 'L4', l5: 'L5', none: 'None' }, POSE, {
      ifReproduced: { since: 3 },
    }),
  ],
  doesNotCount: ['pressure under the hand'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ when: 'weak-bones', then: 'light grade only' }, { judged: 'segmental instability' }],
  faults: ['a jerk'],
  reading: table({
    source: 'facet-lumbar',
    counts: [...LOW_BACK, ...SACROILIAC],
    lines: [
      line(
        familiar(LOW_BACK),
        'positive',
        'familiar pain on twisting: capsule, facet or ligament, not specific',
        pointsTo('facet-lumbar'),
        pointsTo('instability-lumbar'),
      ),
    ],
    otherwise: otherwise('negative', 'no familiar pain on twisting'),
  }),
  shares: ['facet-loading'],
})
