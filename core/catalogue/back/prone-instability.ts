import { LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { OVER_THE_EDGE } from '../poses'
import { allOf, line, otherwise, familiar, pointsTo, said, speaksAgainst, speaksFor, table } from '../reading/table'
import { load, observe, putBack, release } from '../stages'
import { on } from '../load'

const PRESS = { on: 'lumbar', along: 0.6, off: 10, from: 92, push: 270 } as const
const FIND = { on: 'lumbar', along: 0.6, off: 10, from: 92 } as const
const LIFTED = { ...OVER_THE_EDGE, near: { hip: 4, knee: 4, ankle: -40 }, far: { hip: 4, knee: 4, ankle: -40 }, contacts: [PRESS] } as const

/** Prone instability: own pain on pressing a level at rest that goes once the muscles are switched on. */
export const proneInstability = defineTest({
  id: 'prone-instability',
  name: 'Prone instability test',
  short: 'PIT',
  alsoCalled: ['Prone instability'],
  region: 'back',
  plannedFor: [],
  intimate: 'undressing',
  purpose: 'Presses the painful level at rest and again with the legs lifted, so that the muscles hold it.',
  plain: 'pressed on your low back, feet down and feet up',
  structures: ['lumbar segment', 'trunk muscles'],
  posture: 'prone',
  phase: 'loading',
  after: 'lumbar-torsion',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 45,
  provocative: 2,
  loads: [on('low-back', 'pressing', 'strong')],
  variants: [{ id: 'over-edge', name: 'Trunk on the table, feet on the floor' }],
  stages: [
    observe(
      'level',
      'Which level',
      'Over the edge of the table, feet on the floor. Find the sore level.',
      { l1: 'L1', l2: 'L2', l3: 'L3', l4: 'L4', l5: 'L5' },
      { ...OVER_THE_EDGE, contacts: [FIND] },
    ),
    load('rest', 'Press, feet down', 'Press that level with the feet on the floor.', { ...OVER_THE_EDGE, contacts: [PRESS] }),
    release('lifted', 'Press, legs lifted', 'Ask for both legs to lift off the floor. Press the same level the same way.', LIFTED),
    putBack('down-again', 'Feet down again', 'Feet back on the floor. Press once more.', { ...OVER_THE_EDGE, contacts: [PRESS] }),
  ],
  doesNotCount: ['tenderness that is not the familiar pain'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ judged: 'older or unsteady people', then: 'it does not suit them' }],
  faults: ['a harder or softer second press', 'legs lifted by arching'],
  reading: table({
    source: 'instability-lumbar',
    counts: [...LOW_BACK, ...SACROILIAC],
    lines: [
      line(
        allOf(familiar(undefined, { side: 'either' }), said(['eased'], 'lifted')),
        'positive',
        'gone or clearly less with the muscles on',
        speaksFor('instability-lumbar'),
      ),
      line(familiar(undefined, { side: 'either' }), 'negative', 'unchanged with the muscles on', speaksAgainst('instability-lumbar'), pointsTo('facet-lumbar')),
    ],
    otherwise: otherwise('negative', 'no familiar pain on pressing at rest', speaksAgainst('instability-lumbar')),
  }),
  shares: ['segment-instability'],
})
