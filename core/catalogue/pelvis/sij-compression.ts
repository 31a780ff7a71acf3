import { ASK, defineTest, LOWER } from '../exam-test'
import { LEG_FLAT, ON_THE_SIDE } from '../poses'
import { pelvicProvocation, pelvicStages, pelvicVariants, BACK_LIGAMENTS, GROIN_IS_HIP } from '../reading/pelvic-provocation'
import { on } from '../load'

/** Pelvic compression: the upper half of the pelvis is pressed straight down, painful side up. */
export const sijCompression = defineTest({
  id: 'sij-compression',
  name: 'Sacroiliac compression',
  short: 'compression',
  alsoCalled: ['Pelvic compression', 'Approximation test'],
  region: 'pelvis',
  plannedFor: LOWER,
  purpose: 'Presses the sacroiliac joints together at the front and stretches the ligaments behind them.',
  plain: 'pressed on your {side} hip while you lay on your side',
  structures: ['sacroiliac joint', 'posterior sacroiliac ligaments'],
  posture: 'side-lying',
  phase: 'loading',
  sides: 'each',
  plan: 'painful-side',
  seconds: 30,
  provocative: 1,
  loads: [on('pelvis', 'compression', 'strong')],
  variants: pelvicVariants(
    '25 to 30 kg',
    { id: 'side-lying', name: 'Side-lying, painful side up' },
    {
      id: 'supine-squeeze',
      name: 'Supine, squeezed from both sides',
      posture: 'supine',
      changes: {
        press: {
          label: 'Squeeze from both sides',
          do: 'Supine. Hands on the outsides of both iliac crests; squeeze them together over 5 seconds.',
          pose: {
            plane: 'front',
            support: 'table',
            near: LEG_FLAT,
            far: LEG_FLAT,
            contacts: [
              { on: 'near-hip-bone', along: 0.5, off: -5, from: 280, push: 90 },
              { on: 'far-hip-bone', along: 0.5, off: 5, from: 80, push: 270 },
            ],
          },
        },
      },
    },
  ),
  stages: pelvicStages({
    id: 'press',
    kind: 'load',
    label: 'Lean straight down',
    do: '{side} side up, pillow between the knees. Elbows straight, lean down between crest and trochanter.',
    ask: ASK,
    holdSeconds: 5,
    pose: {
      ...ON_THE_SIDE,
      contacts: [
        { on: 'pelvis', along: 0.35, off: 2, from: 238, push: 'in' },
        { on: 'pelvis', along: 0.75, off: 2, from: 292, push: 'in' },
      ],
    },
  }),
  doesNotCount: ['pressure under your hands', 'pain above L5', 'pain only in the groin'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }],
  careWith: [{ when: 'weak-bones', then: 'light grade only' }, { when: 'pregnancy' }, { when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['pressing at an angle', 'elbows bent, so the force comes in bursts'],
  reading: pelvicProvocation([BACK_LIGAMENTS, GROIN_IS_HIP]),
  shares: ['pelvic-provocation'],
})
