import { BELOW_KNEE, SCIATIC_THIGH } from '../../vocabulary/area-sets'
import { ASK, defineTest, LOWER } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { on } from '../load'

/**
 * Well-leg raise: lifting the pain-free leg brings the symptom into the other one.
 *
 * Insensitive and very specific; it suggests a large lesion. The raise of the better leg already answers it, so
 * it is filled from there and never repeated. The side's name is the raised leg; it speaks about the other.
 */
export const crossedLegRaise = defineTest({
  id: 'crossed-leg-raise',
  name: 'Crossed straight leg raise',
  short: 'crossed SLR',
  alsoCalled: ['Well-leg raise', 'Crossed leg raise'],
  region: 'leg',
  plannedFor: LOWER,
  purpose: 'Raises the pain-free leg to see whether the other leg’s symptom comes on.',
  plain: 'raised your other leg, on the {side}',
  structures: ['roots L4 to S1 of the other side', 'a large disc lesion'],
  posture: 'supine',
  phase: 'nerve',
  after: 'leg-raise-ankle',
  sides: 'each',
  plan: 'better-side-first',
  filledBy: 'leg-raise',
  seconds: 30,
  provocative: 1,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'moderate'), on('pelvis', 'bending', 'light')],
  variants: [{ id: 'neutral', name: 'Hip neutral, ankle free' }],
  stages: [
    {
      id: 'raise',
      kind: 'load',
      label: 'Raise the well leg',
      do: 'Raise the {side}, pain-free leg slowly, knee straight.',
      ask: ASK,
      holdSeconds: 0,
      angle: { joint: 'hip flexion with a straight knee', min: 0, max: 120, usual: [10, 100] },
      pose: {
        ...ON_THE_BACK,
        measured: 'near-hip',
        near: { hip: 60, knee: 0, ankle: -8 },
        contacts: [
          { on: 'near-thigh', along: 0.93, off: 8, from: 78 },
          { on: 'near-shin', along: 0.9, off: -6, from: 322, push: 150 },
        ],
      },
    },
  ],
  doesNotCount: ['a pull in the raised leg', 'pain in the raised leg', 'low-back pain alone'],
  notWith: [{ when: 'fracture', of: 'the pelvis, sacrum or hip' }],
  careWith: [],
  faults: ['done again although the better leg was raised already', 'asking about the raised leg only'],
  reading: {
    kind: 'crossed',
    source: 'root-lumbar-low',
    counts: [...BELOW_KNEE, ...SCIATIC_THIGH],
  },
  shares: ['sciatic-tension'],
})
