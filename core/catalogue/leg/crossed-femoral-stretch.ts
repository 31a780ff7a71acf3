import { FRONT_OF_LEG } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { load } from '../stages'
import { on } from '../load'

/** Bending the pain-free knee brings the front-of-thigh symptom on in the other leg. Filled by the test of the better leg. */
export const crossedFemoralStretch = defineTest({
  id: 'crossed-femoral-stretch',
  name: 'Crossed femoral nerve tension test',
  short: 'crossed PKB',
  alsoCalled: ['Well-leg knee bend', 'Well-leg bend', 'Crossed femoral stretch'],
  region: 'leg',
  plannedFor: ['thigh'],
  purpose: 'Bends the pain-free knee to see whether the other leg’s symptom comes on.',
  plain: 'bent your other knee, on the {side}, while you lay face down',
  structures: ['roots L2 to L4 of the other side'],
  posture: 'prone',
  phase: 'nerve',
  after: 'femoral-stretch',
  sides: 'each',
  plan: 'better-side-first',
  filledBy: 'femoral-stretch',
  seconds: 30,
  provocative: 1,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'moderate')],
  variants: [{ id: 'knee-then-hip', name: 'Knee bent, then hip lifted' }],
  stages: [
    load(
      'knee',
      'Bend the well knee',
      'Bend the {side}, pain-free knee slowly.',
      { ...FACE_DOWN, near: { hip: 0, knee: 95, ankle: -30 }, measured: 'near-knee', contacts: [{ on: 'near-shin', along: 0.85, off: 4, from: 20 }] },
      { angle: { joint: 'knee flexion, prone', min: 0, max: 160, usual: [40, 150] } },
    ),
  ],
  doesNotCount: ['a pull in the bent leg'],
  notWith: [{ when: 'fracture', of: 'the pelvis, sacrum or hip' }],
  careWith: [{ judged: 'a replaced knee' }],
  faults: ['done again although the better leg was bent already'],
  reading: { kind: 'crossed', source: 'root-lumbar-mid', counts: FRONT_OF_LEG },
  shares: ['femoral-tension'],
})
