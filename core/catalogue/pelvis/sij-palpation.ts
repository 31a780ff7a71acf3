import { SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { line, otherwise, familiar, pointsAway, pointsTo, table } from '../reading/table'
import { load, observe } from '../stages'
import { on } from '../load'

/** Joint line tenderness just below and inside the posterior superior iliac spine, with equal pressure on both sides. */
export const sijPalpation = defineTest({
  id: 'sij-palpation',
  name: 'Sacroiliac joint line (sulcus) tenderness',
  short: 'SI sulcus',
  alsoCalled: ['Sacroiliac joint line tenderness', 'Joint line', 'Sacral sulcus tenderness'],
  region: 'pelvis',
  plannedFor: [],
  intimate: 'sacral',
  purpose: 'Presses just below and inside the posterior superior iliac spine and compares the sides.',
  plain: 'pressed on the joint at the back of your hips on the {side}',
  structures: ['posterior sacroiliac ligaments', 'sacroiliac joint line'],
  posture: 'prone',
  phase: 'palpation',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 1,
  loads: [on('pelvis', 'pressing', 'light')],
  variants: [
    { id: 'equal-pressure', name: 'Equal pressure, both sides', stages: ['press'] },
    { id: 'with-ligament', name: 'Joint line, then the sacrotuberous ligament', stages: ['press', 'sacrotuberous'], seconds: 45 },
  ],
  stages: [
    load('press', 'Press the joint line', 'Trace the crest or take the dimple; press just below and inside it on the {side}.', {
      ...FACE_DOWN,
      contacts: [{ on: 'pelvis', along: 0.2, off: 10, from: 100, push: 272 }],
    }),
    observe(
      'sacrotuberous',
      'Press the sacrotuberous ligament',
      'Press up and in between the sit bone and the sacrum, on the {side}. Compare with the other side.',
      { none: 'Not tender', tender: 'Tender', own: 'Familiar pain' },
      { ...FACE_DOWN, contacts: [{ on: 'pelvis', along: 0.62, off: 12, from: 100, push: 300 }] },
    ),
  ],
  doesNotCount: ['tenderness that is not the familiar pain', 'both sides alike'],
  notWith: [{ when: 'fracture', of: 'the sacrum' }],
  careWith: [{ when: 'pregnancy', then: 'no lying on the bump' }],
  faults: ['unequal pressure'],
  reading: table({
    source: 'sij-pain',
    counts: [...SACROILIAC],
    lines: [line(familiar(SACROILIAC), 'positive', 'familiar pain at the joint line', pointsTo('sij-pain'), pointsTo('sij-ligament'))],
    otherwise: otherwise('negative', 'no familiar pain at the joint line', pointsAway('sij-pain')),
    pressing: true,
  }),
  shares: [],
})
