import { ASK, defineTest, LOWER } from '../exam-test'
import { LEG_FLAT } from '../poses'
import { FRONT_LIGAMENTS, GROIN_IS_HIP, pelvicProvocation, pelvicStages, pelvicVariants } from '../reading/pelvic-provocation'
import { on } from '../load'

/**
 * Pelvic distraction: the fronts of both sacroiliac joints are gapped, their backs compressed.
 *
 * It loads both joints at once, so it has no side of its own; the side is where the own pain comes on.
 */
export const sijDistraction = defineTest({
  id: 'sij-distraction',
  name: 'Sacroiliac distraction',
  short: 'distraction',
  alsoCalled: ['Pelvic distraction', 'Gapping test'],
  region: 'pelvis',
  plannedFor: LOWER,
  purpose: 'Gaps the front of the sacroiliac joints to see whether that brings on the familiar pain.',
  plain: 'pressed on both front hip bones',
  structures: ['front of the sacroiliac joint', 'anterior sacroiliac ligaments'],
  posture: 'supine',
  phase: 'loading',
  sides: 'none',
  plan: 'painful-side',
  seconds: 30,
  provocative: 1,
  loads: [on('pelvis', 'thrust', 'strong')],
  variants: pelvicVariants(
    '25 to 30 kg',
    { id: 'crossed-arms', name: 'Forearms crossed' },
    {
      id: 'uncrossed-arms',
      name: 'Forearms not crossed',
      changes: { press: { do: 'Forearms side by side, palms inside the front hip bones. Press outward and back over 5 seconds.' } },
    },
  ),
  stages: pelvicStages({
    id: 'press',
    kind: 'load',
    label: 'Press outward and back',
    do: 'Cross your forearms, palms inside the front hip bones, and press outward and back over 5 seconds.',
    ask: ASK,
    holdSeconds: 5,
    pose: {
      stands: 'tested',
      plane: 'front',
      support: 'table',
      near: LEG_FLAT,
      far: LEG_FLAT,
      contacts: [
        { on: 'near-hip-bone', along: 0.5, off: 0, from: 118, push: 270 },
        { on: 'far-hip-bone', along: 0.5, off: 0, from: 62, push: 90 },
      ],
    },
  }),
  doesNotCount: ['soreness under your palms', 'skin drag', 'pain above L5 or in the groin'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }],
  careWith: [{ when: 'pregnancy' }, { when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['skin dragged instead of bone moved', 'a jerk instead of a slow rise'],
  reading: pelvicProvocation([FRONT_LIGAMENTS, GROIN_IS_HIP]),
  shares: ['pelvic-provocation'],
})
