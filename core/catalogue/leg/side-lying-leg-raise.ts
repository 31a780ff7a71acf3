import { BELOW_KNEE, SCIATIC_THIGH } from '../../vocabulary/area-sets'
import { ASK, defineTest } from '../exam-test'
import { ON_THE_SIDE } from '../poses'
import { load, putBack, release } from '../stages'
import { on } from '../load'

const HELD = {
  ...ON_THE_SIDE,
  contacts: [
    { on: 'near-foot', along: 0.6, off: 4, from: 60 },
    { on: 'near-thigh', along: 0.9, off: 4, from: 110 },
  ],
} as const

/** The straight leg raise for people who cannot lie flat: same record, same reading. */
export const sideLyingLegRaise = defineTest({
  id: 'side-lying-leg-raise',
  name: 'Straight leg raise, side-lying',
  short: 'side SLR',
  alsoCalled: ['Side-lying straight leg raise', 'Side raise', 'Side-lying SLR'],
  region: 'leg',
  plannedFor: [],
  purpose: 'Tightens the sciatic nerve and its roots in people who cannot lie flat.',
  plain: 'raised your straight {side} leg while you lay on your side',
  structures: ['roots L4 to S1', 'sciatic nerve', 'hamstrings'],
  posture: 'side-lying',
  phase: 'nerve',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'moderate'), on('pelvis', 'bending', 'light')],
  variants: [{ id: 'tested-leg-up', name: 'Tested leg up, knee kept straight, then the ankle' }],
  stages: [
    load(
      'raise',
      'Bring the leg forward',
      '{side} leg up. Bring it forward slowly, knee straight, until something starts.',
      {
        ...ON_THE_SIDE,
        near: { hip: 52, knee: 0, ankle: -8 },
        measured: 'near-hip',
        contacts: [
          { on: 'near-shin', along: 0.85, off: -4, from: 300, push: 60 },
          { on: 'near-thigh', along: 0.9, off: 4, from: 110 },
        ],
      },
      { ask: ASK, angle: { joint: 'hip flexion with a straight knee', min: 0, max: 120, usual: [10, 100] } },
    ),
    release(
      'ankle-go',
      'Let the ankle go',
      'Keep the {side} leg exactly there. Point the foot down.',
      { ...HELD, near: { hip: 52, knee: 0, ankle: -38 } },
      {
        since: 3,
        letsGo: 'the ankle',
      },
    ),
    putBack(
      'ankle-up',
      'Bend the ankle up',
      'Bring the {side} leg back 5° until it fades, then bend the ankle up.',
      { ...HELD, near: { hip: 46, knee: 0, ankle: 18 } },
      {
        since: 3,
      },
    ),
  ],
  anchors: ['compared only with a raise on the side'],
  doesNotCount: ['a pull behind the thigh or knee', 'low-back pain alone'],
  notWith: [{ when: 'fracture', of: 'the pelvis, sacrum or hip' }],
  careWith: [{ when: 'irritable', then: 'once' }],
  faults: ['pelvis rolling back', 'knee allowed to bend', 'compared with a supine raise'],
  reading: {
    kind: 'tension',
    source: 'root-lumbar-low',
    counts: BELOW_KNEE,
    countsWhenShooting: SCIATIC_THIGH,
    usualOnset: [30, 70],
    pointers: [
      { at: ['low-back'], source: 'facet-lumbar', because: 'familiar pain in the low back alone is not radicular: facet, muscle or disc' },
      { at: ['groin'], source: 'hip', because: 'familiar pain in the groin on raising the leg belongs to the hip' },
    ],
    released: { otherwise: { source: 'hamstring', because: 'moving the ankle changed nothing' } },
    stretch: { source: 'hamstring', because: 'a pull behind the thigh and nothing familiar' },
  },
  shares: ['sciatic-tension'],
})
