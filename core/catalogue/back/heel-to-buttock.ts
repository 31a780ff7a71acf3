import { BELOW_KNEE, LOW_BACK, SACROILIAC, ABOVE_KNEE } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Both heels to the buttocks with low lumbar pressure. */
export const heelToButtock = defineTest({
  id: 'heel-to-buttock',
  name: 'Heel to buttock with lumbar pressure',
  short: 'heel-buttock',
  alsoCalled: ['Heels to buttocks, low back pressed', 'Heels to buttocks', 'Pheasant'],
  region: 'back',
  plannedFor: [],
  purpose: 'Extends the low segments with both knees bent and a light pressure on the low back.',
  plain: 'bent your knees while we pressed on your low back',
  structures: ['segments L4 to S1', 'trunk and pelvic muscles'],
  posture: 'prone',
  phase: 'loading',
  after: 'prone-instability',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 2,
  loads: [on('low-back', 'pressing', 'strong'), on('leg', 'bending', 'moderate')],
  variants: [{ id: 'both-heels', name: 'Both heels together, light pressure' }],
  stages: [
    load(
      'press',
      'Heels in, press lightly',
      'Bring both heels to the buttocks and press lightly on the low back.',
      {
        ...FACE_DOWN,
        near: { hip: 0, knee: 128, ankle: -30 },
        far: { hip: 0, knee: 122, ankle: -30 },
        contacts: [
          { on: 'lumbar', along: 0.8, off: 10, from: 95, push: 270 },
          { on: 'near-foot', along: 0.5, off: 2, from: 60 },
        ],
      },
      { holdSeconds: 10 },
    ),
  ],
  doesNotCount: ['a pull at the front of the thighs', 'knee discomfort'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ judged: 'replaced or stiff knees' }],
  faults: ['pressing hard'],
  reading: table({
    source: 'instability-lumbar',
    counts: [...LOW_BACK, ...SACROILIAC, ...BELOW_KNEE, ...ABOVE_KNEE],
    lines: [
      line(
        familiar(undefined, { side: 'either' }),
        'positive',
        'familiar back or leg pain with the low segments extended: segmental instability, or weak trunk and pelvis',
        pointsTo('instability-lumbar'),
      ),
    ],
    otherwise: otherwise('negative', 'no familiar pain'),
  }),
  shares: ['segment-instability'],
})
