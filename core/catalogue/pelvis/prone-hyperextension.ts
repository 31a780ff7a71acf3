import { LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Prone hip extension with the pelvis held at the crest. */
export const proneHyperextension = defineTest({
  id: 'prone-hyperextension',
  name: 'Prone hip hyperextension, pelvis fixed',
  short: 'hyperextension',
  alsoCalled: ['Prone hip extension, pelvis held', 'Hip extension', 'Prone hyperextension'],
  region: 'pelvis',
  plannedFor: [],
  purpose: 'Levers the sacroiliac joint by lifting the thigh while the crest is held.',
  plain: 'lifted your {side} leg back while we held your hips',
  structures: ['sacroiliac joint', 'anterior ligaments'],
  posture: 'prone',
  phase: 'loading',
  after: 'lumbar-spring',
  sides: 'each',
  plan: 'painful-side',
  seconds: 30,
  provocative: 2,
  loads: [on('pelvis', 'pressing', 'strong'), on('hip', 'bending', 'strong'), on('leg', 'movement', 'light')],
  variants: [{ id: 'crest-held', name: 'Crest held, knee at 90°' }],
  stages: [
    load('lift', 'Hold the crest, lift', 'Hold the {side} crest down, knee at 90°. Lift the {side} thigh slowly.', {
      ...FACE_DOWN,
      near: { hip: -16, knee: 90, ankle: -30 },
      contacts: [
        { on: 'pelvis', along: 0.15, off: 10, from: 105, push: 270 },
        { on: 'near-thigh', along: 0.92, off: -4, from: 300, push: 90 },
      ],
    }),
  ],
  doesNotCount: ['a pull at the front of the thigh', 'pain above L5'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }],
  careWith: [{ judged: 'lumbar segmental instability' }],
  faults: ['crest not held, so that the low back extends'],
  reading: table({
    source: 'sij-pain',
    counts: [...SACROILIAC, ...LOW_BACK],
    lines: [
      line(familiar(SACROILIAC), 'positive', 'familiar pain below L5', pointsTo('sij-pain')),
      line(familiar(LOW_BACK), 'negative', 'familiar pain above L5, so it does not count here', pointsTo('facet-lumbar')),
    ],
    otherwise: otherwise('negative', 'no familiar pain below L5'),
  }),
  shares: ['pelvic-provocation'],
})
