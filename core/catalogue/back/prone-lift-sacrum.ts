import { LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** The prone lift continued with a hand on the sacrum. Offered in one chain after a quiet knee bend. */
export const proneLiftSacrum = defineTest({
  id: 'prone-lift-sacrum',
  name: 'Prone hip extension over a sacral contact (Yeoman)',
  short: 'Yeoman',
  alsoCalled: ['Prone lift, hand on the sacrum', 'Lift, sacrum'],
  region: 'back',
  plannedFor: ['thigh'],
  intimate: 'sacral',
  purpose: 'Levers the sacroiliac joint: the leg is lifted while the sacrum is held.',
  plain: 'lifted your {side} leg while we held the base of your spine',
  structures: ['sacroiliac joint', 'anterior sacroiliac ligaments'],
  posture: 'prone',
  phase: 'loading',
  sides: 'each',
  plan: 'better-side-first',
  chain: { after: 'femoral-stretch' },
  seconds: 30,
  provocative: 2,
  loads: [on('pelvis', 'pressing', 'strong'), on('low-back', 'bending', 'moderate'), on('leg', 'movement', 'light')],
  variants: [{ id: 'hand-on-sacrum', name: 'Hand on the sacrum, leg lifted' }],
  stages: [
    load('lift', 'Hold the sacrum, lift', 'One hand on the sacrum. Lift the {side} thigh, knee bent.', {
      ...FACE_DOWN,
      near: { hip: -16, knee: 95, ankle: -30 },
      contacts: [
        { on: 'pelvis', along: 0.45, off: 10, from: 90, push: 270 },
        { on: 'near-thigh', along: 0.9, off: -4, from: 300, push: 90 },
      ],
    }),
  ],
  doesNotCount: ['a pull at the front of the thigh', 'pressure under the hand'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }],
  careWith: [{ when: 'pregnancy', then: 'no pressure prone' }],
  faults: ['lifting in a jerk', 'gone on with although the knee bend was positive'],
  reading: table({
    source: 'sij-pain',
    counts: [...SACROILIAC, ...LOW_BACK],
    lines: [
      line(familiar(SACROILIAC), 'positive', 'familiar pain below L5 with the sacrum held', pointsTo('sij-pain')),
      line(familiar(LOW_BACK), 'negative', 'familiar pain above L5, so it does not count here', pointsTo('facet-lumbar')),
    ],
    otherwise: otherwise('negative', 'no familiar pain over the sacroiliac joint'),
  }),
  shares: ['pelvic-provocation'],
})
