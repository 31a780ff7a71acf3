import { FRONT_OF_LEG, LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { load } from '../stages'
import { on } from '../load'

const ON_SHIN = { on: 'near-shin', along: 0.85, off: 4, from: 20 } as const

/** Prone knee bend: tightens the femoral nerve and the roots L2 to L4; the knee first, then the hip. */
export const femoralStretch = defineTest({
  id: 'femoral-stretch',
  name: 'Femoral nerve tension test (prone knee bend)',
  short: 'PKB',
  alsoCalled: ['Prone knee bend', 'Femoral', 'Femoral nerve stretch', 'Reverse leg raise', 'Ely'],
  region: 'leg',
  plannedFor: ['thigh'],
  purpose: 'Tightens the femoral nerve and the roots L2 to L4.',
  plain: 'bent your {side} knee while you lay face down',
  structures: ['roots L2 to L4', 'femoral nerve', 'quadriceps', 'hip flexors'],
  posture: 'prone',
  phase: 'nerve',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 2,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'moderate')],
  variants: [{ id: 'knee-then-hip', name: 'Knee bent, then hip lifted' }],
  stages: [
    load(
      'knee',
      'Bend the knee',
      'Pelvis still. Bend the {side} knee slowly to 90° and on, until something starts.',
      { ...FACE_DOWN, near: { hip: 0, knee: 95, ankle: -30 }, measured: 'near-knee', contacts: [ON_SHIN, { on: 'pelvis', along: 0.5, off: 9, from: 90 }] },
      { angle: { joint: 'knee flexion, prone', min: 0, max: 160, usual: [40, 150] } },
    ),
    load('hip', 'Lift the hip', 'Knee kept bent: lift the {side} thigh slowly off the table.', {
      ...FACE_DOWN,
      near: { hip: -16, knee: 95, ankle: -30 },
      contacts: [
        { on: 'near-thigh', along: 0.9, off: -4, from: 300, push: 90 },
        { on: 'pelvis', along: 0.5, off: 9, from: 90 },
      ],
    }),
  ],
  doesNotCount: ['a pull at the front of the thigh', 'low-back pain alone'],
  notWith: [{ when: 'fracture', of: 'the pelvis, sacrum or hip' }],
  careWith: [{ judged: 'a replaced knee' }, { when: 'irritable' }],
  faults: ['pelvis lifting', 'the thigh drifting out'],
  reading: {
    kind: 'tension',
    source: 'root-lumbar-mid',
    counts: [],
    countsWhenShooting: FRONT_OF_LEG,
    placeInWords: {
      counts: 'in front of the thigh',
      shooting: 'shooting, burning, tingling or numb in the front of the leg',
      fails: 'but not in the front of the leg',
    },
    usualOnset: [40, 130],
    pointers: [
      { at: ['low-back'], source: 'facet-lumbar', because: 'familiar pain in the low back alone: facet or sacroiliac joint' },
      { at: ['sacroiliac', 'buttock'], source: 'sij-pain', because: 'familiar pain over the sacroiliac joint on lifting the leg' },
    ],
    stretch: { source: 'hip-flexor', because: 'a pull at the front of the thigh and nothing familiar' },
  },
  endsAt: { areas: [...FRONT_OF_LEG, ...LOW_BACK, ...SACROILIAC], since: 3 },
  shares: ['femoral-tension'],
})
