import { ASK, defineTest, LOWER } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { GROIN_IS_HIP, pelvicProvocation, pelvicStages, pelvicVariants } from '../reading/pelvic-provocation'
import { on } from '../load'

const AT_NINETY = { ...ON_THE_BACK, near: { hip: 90, knee: 95, ankle: -10 } } as const
const ON_KNEE = { on: 'near-thigh', along: 0.97, off: 0, from: 65, push: 270 } as const

/** Thigh thrust: a backward shear of the sacroiliac joint, delivered along the thigh bone. */
export const thighThrust = defineTest({
  id: 'thigh-thrust',
  name: 'Thigh thrust',
  short: 'thigh thrust',
  alsoCalled: ['Posterior shear test', 'Posterior pelvic pain provocation'],
  region: 'pelvis',
  plannedFor: LOWER,
  purpose: 'Shears the hip bone backward on a sacrum that is held still.',
  plain: 'pressed down along your {side} thigh',
  structures: ['sacroiliac joint', 'posterior sacroiliac ligaments', 'hip joint'],
  posture: 'supine',
  phase: 'loading',
  after: 'faber',
  sides: 'each',
  plan: 'painful-side',
  seconds: 30,
  provocative: 2,
  loads: [on('pelvis', 'thrust', 'strong'), on('hip', 'thrust', 'strong'), on('leg', 'movement', 'light')],
  variants: pelvicVariants(
    '25 to 30 kg',
    { id: 'hand-under', name: 'Hand under the sacrum' },
    {
      id: 'no-hand',
      name: 'No hand under the sacrum',
      changes: {
        press: {
          do: 'Bend the {side} hip to 90° and press down along the thigh over 5 seconds, no hand under the sacrum.',
          pose: { ...AT_NINETY, contacts: [ON_KNEE] },
        },
      },
    },
  ),
  stages: pelvicStages({
    id: 'press',
    kind: 'load',
    label: 'Press along the thigh',
    do: 'Bend the {side} hip to 90°, hand under the sacrum, and press down along the thigh over 5 seconds.',
    ask: ASK,
    holdSeconds: 5,
    pose: { ...AT_NINETY, contacts: [ON_KNEE, { on: 'pelvis', along: 0.55, off: -12, from: 200 }] },
  }),
  doesNotCount: ['pain at the front of the hip or groin', 'knee pain', 'pressure on the hand under the sacrum'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }, { when: 'hip-replacement' }],
  careWith: [{ judged: 'knee pathology' }, { when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['pulling the thigh across, which jams the hip', 'a thrust instead of a slow press'],
  reading: pelvicProvocation([GROIN_IS_HIP]),
  shares: ['pelvic-provocation'],
})
