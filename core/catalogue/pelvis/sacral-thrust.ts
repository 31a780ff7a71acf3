import { ASK, defineTest, LOWER } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { pelvicProvocation, pelvicStages, pelvicVariants } from '../reading/pelvic-provocation'
import { on } from '../load'

/** Sacral thrust: a forward press on the sacrum, which shears both joints and loads the low back too. */
export const sacralThrust = defineTest({
  id: 'sacral-thrust',
  name: 'Sacral thrust',
  short: 'sacral thrust',
  alsoCalled: ['Posterior-anterior sacral pressure'],
  region: 'pelvis',
  plannedFor: LOWER,
  intimate: 'sacral',
  purpose: 'Presses the sacrum forward between the hip bones.',
  plain: 'pressed on the base of your spine',
  structures: ['both sacroiliac joints', 'lumbar joints in extension'],
  posture: 'prone',
  phase: 'loading',
  after: 'prone-hyperextension',
  sides: 'none',
  plan: 'painful-side',
  seconds: 30,
  provocative: 2,
  loads: [on('pelvis', 'thrust', 'strong')],
  variants: pelvicVariants('25 to 30 kg', { id: 'hand-heel', name: 'Hand heel on S2 to S3' }),
  stages: pelvicStages({
    id: 'press',
    kind: 'load',
    label: 'Press the sacrum',
    do: 'Hand heel on S2 to S3, chest above, arms straight: one slow press; small quick ones only if comfortable.',
    ask: ASK,
    holdSeconds: 5,
    pose: {
      ...FACE_DOWN,
      contacts: [
        { on: 'pelvis', along: 0.45, off: 12, from: 84, push: 270 },
        { on: 'pelvis', along: 0.2, off: 12, from: 112 },
      ],
    },
  }),
  doesNotCount: ['soreness under your hand', 'pain above L5', 'pain in the groin'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }],
  careWith: [{ judged: 'lumbar instability' }, { judged: 'acute facet pain' }, { when: 'weak-bones', then: 'light grade only' }],
  faults: ['pressing on L5', 'quick presses before a slow one was comfortable'],
  reading: pelvicProvocation([{ at: ['low-back'], source: 'facet-lumbar', because: 'familiar pain above L5: the press also bends the low back backward' }]),
  shares: ['pelvic-provocation'],
})
