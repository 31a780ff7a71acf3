import { LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load, observe } from '../stages'
import { on } from '../load'

const POSE = {
  ...FACE_DOWN,
  near: { hip: -16, knee: 95, ankle: -30 },
  contacts: [
    { on: 'lumbar', along: 0.3, off: 10, from: 90, push: 270 },
    { on: 'near-thigh', along: 0.9, off: -4, from: 300, push: 90 },
  ],
} as const

/** The prone lift continued with a hand on L1 and L2, or on the level in question. */
export const proneLiftLumbar = defineTest({
  id: 'prone-lift-lumbar',
  name: 'Prone hip extension over a lumbar contact',
  short: 'lumbar lift',
  alsoCalled: ['Prone lift, hand on the low back', 'Lift, lumbar', 'Prone leg lift under a lumbar contact'],
  region: 'back',
  plannedFor: ['thigh'],
  purpose: 'Levers one lumbar level: the leg is lifted while the level is held.',
  plain: 'lifted your {side} leg while we held your low back',
  structures: ['facet joints', 'posterior joint capsule'],
  posture: 'prone',
  phase: 'loading',
  after: 'prone-lift-sacrum',
  sides: 'each',
  plan: 'better-side-first',
  chain: { after: 'prone-lift-sacrum' },
  seconds: 30,
  provocative: 2,
  loads: [on('low-back', 'pressing', 'strong'), on('leg', 'movement', 'light')],
  variants: [{ id: 'hand-on-level', name: 'Hand on L1–L2 or the level in question' }],
  stages: [
    observe(
      'level',
      'Which level',
      'Put the hand on the level in question.',
      { 'l1-l2': 'L1–L2', l3: 'L3', l4: 'L4', l5: 'L5' },
      { ...POSE, contacts: [POSE.contacts[0]] },
    ),
    load('lift', 'Hold the level, lift', 'Keep the hand there. Lift the {side} thigh, knee bent.', POSE),
  ],
  doesNotCount: ['a pull at the front of the thigh', 'pressure under the hand'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ judged: 'segmental instability' }, { judged: 'acute facet pain' }],
  faults: ['lifting in a jerk'],
  reading: table({
    source: 'facet-lumbar',
    counts: [...LOW_BACK, ...SACROILIAC],
    lines: [
      line(familiar(LOW_BACK), 'positive', 'familiar back pain with the level held', pointsTo('facet-lumbar')),
      line(familiar(SACROILIAC), 'negative', 'familiar pain below L5, so it does not count here', pointsTo('sij-pain')),
    ],
    otherwise: otherwise('negative', 'no familiar back pain'),
  }),
  shares: ['facet-loading'],
})
