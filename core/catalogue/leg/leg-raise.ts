import { BELOW_KNEE, SCIATIC_THIGH } from '../../vocabulary/area-sets'
import { ASK, defineTest, LOWER } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { on } from '../load'

const RAISED = {
  ...ON_THE_BACK,
  measured: 'near-hip',
  near: { hip: 48, knee: 0, ankle: -8 },
  contacts: [
    { on: 'near-thigh', along: 0.93, off: 8, from: 78, says: 'keep the knee straight' },
    { on: 'near-shin', along: 0.9, off: -6, from: 322, push: 138 },
  ],
} as const

/** Straight leg raise: tightens the sciatic nerve and its roots, and the hamstrings with it. */
export const legRaise = defineTest({
  id: 'leg-raise',
  name: 'Straight leg raise',
  short: 'SLR',
  alsoCalled: ['Leg raise', 'Lasegue'],
  region: 'leg',
  plannedFor: LOWER,
  purpose: 'Tightens the sciatic nerve and its roots; the angle at the first familiar symptom is the baseline.',
  plain: 'raised your straight {side} leg',
  structures: ['roots L4 to S1', 'sciatic nerve', 'hamstrings', 'sacroiliac joint late in the raise'],
  posture: 'supine',
  phase: 'nerve',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'moderate'), on('pelvis', 'bending', 'light')],
  variants: [
    { id: 'neutral', name: 'Hip neutral, ankle free' },
    {
      id: 'inward-bias',
      name: 'Hip drawn in and turned in',
      grade: 'sensitised',
      changes: { raise: { do: 'Draw the {side} leg a little across and turn it in. Keep it so and raise it slowly, knee straight, until something starts.' } },
    },
    {
      id: 'ankle-preset',
      name: 'Ankle bent up before the raise',
      grade: 'sensitised',
      changes: {
        raise: {
          do: 'Bend the {side} ankle up and keep it so. Raise the leg slowly, knee straight, until something starts.',
          pose: { ...RAISED, near: { hip: 48, knee: 0, ankle: 18 } },
        },
      },
    },
  ],
  stages: [
    {
      id: 'raise',
      kind: 'load',
      label: 'Raise to first symptom',
      do: 'Raise the {side} leg slowly, knee straight, until something starts.',
      ask: ASK,
      holdSeconds: 0,
      angle: { joint: 'hip flexion with a straight knee', min: 0, max: 120, usual: [10, 100] },
      pose: RAISED,
    },
  ],
  anchors: ['a nerve symptom usually begins between 30 and 70°', 'sides differ by less than 10° late in the raise'],
  doesNotCount: ['a pull behind the thigh or knee', 'low-back pain alone', 'the other leg'],
  notWith: [{ when: 'fracture', of: 'the pelvis, sacrum or hip' }],
  careWith: [{ judged: 'recent hip surgery' }, { when: 'irritable', then: 'raise once' }],
  faults: ['too fast to catch the first moment', 'knee allowed to bend', 'going on after the symptom began'],
  reading: {
    kind: 'tension',
    source: 'root-lumbar-low',
    counts: BELOW_KNEE,
    countsWhenShooting: SCIATIC_THIGH,
    usualOnset: [30, 70],
    pointers: [
      { at: ['low-back'], source: 'facet-lumbar', because: 'familiar pain in the low back alone is not radicular: facet, muscle or disc' },
      { at: ['low-back'], source: 'muscle-back', because: 'familiar pain in the low back alone is not radicular: facet, muscle or disc' },
      { at: ['groin'], source: 'hip', because: 'familiar pain in the groin on raising the leg belongs to the hip' },
    ],
    lateStop: {
      from: 70,
      to: 90,
      freerBy: 10,
      source: 'sij-stiff',
      because: 'stops late while the other side goes further: the pelvis moves late in the raise',
    },
    stretch: { source: 'hamstring', because: 'a pull behind the thigh and nothing familiar' },
  },
  shares: ['sciatic-tension'],
})
