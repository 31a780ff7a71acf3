import { defineTest } from '../exam-test'
import { FACE_DOWN, ON_THE_SIDE } from '../poses'
import { also, cells, line, otherwise, pointsTo, speaksFor, table } from '../reading/table'
import { column, grid, LUMBAR_LEVELS } from '../stages'
import { on } from '../load'

const COLUMNS = [
  column('moves', 'moves', { normal: 'normal', hypo: 'little', hyper: 'too much' }, { usual: 'normal' }),
  column('pain', 'familiar pain', { no: 'no', yes: 'yes' }, { usual: 'no' }),
]

/** Pressure on each lumbar level: how it moves and whether it gives the own pain. */
export const lumbarSpring = defineTest({
  id: 'lumbar-spring',
  name: 'Lumbar posteroanterior pressure (PA), by level',
  short: 'PA lumbar',
  alsoCalled: ['Lumbar level pressure', 'Level pressure', 'Segmental posterior-anterior pressure', 'Spring test', 'PAIVM'],
  region: 'back',
  plannedFor: [],
  intimate: 'undressing',
  purpose: 'Feels how each level moves and asks for the familiar pain; feeds the instability rule.',
  plain: 'pressed on each bone of your low back',
  structures: ['lumbar segments', 'facet joints'],
  posture: 'prone',
  phase: 'loading',
  after: 'prone-lift-lumbar',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 2,
  loads: [on('low-back', 'thrust', 'strong')],
  variants: [
    { id: 'prone', name: 'Prone, pressed from behind', stages: ['levels'] },
    { id: 'side-lying', name: 'Side-lying, extended passively with overpressure', stages: ['levels-side'], posture: 'side-lying' },
  ],
  stages: [
    grid('levels', 'L1 to L5', 'Press each level from behind, slowly, and feel its end.', LUMBAR_LEVELS, COLUMNS, {
      ...FACE_DOWN,
      contacts: [{ on: 'lumbar', along: 0.5, off: 10, from: 92, push: 270 }],
    }),
    grid('levels-side', 'L1 to L5, side-lying', 'Extend the low back through the legs with a finger at each level.', LUMBAR_LEVELS, COLUMNS, {
      ...ON_THE_SIDE,
      lumbar: -8,
      contacts: [
        { on: 'lumbar', along: 0.5, off: -8, from: 270 },
        { on: 'near-thigh', along: 0.8, off: -4, from: 300, push: 200 },
      ],
    }),
  ],
  doesNotCount: ['tenderness that is not the familiar pain'],
  notWith: [{ when: 'fracture', of: 'the spine' }, { when: 'aneurysm' }],
  careWith: [{ when: 'weak-bones', then: 'light grade only' }],
  faults: ['“no stiff level” recorded as “too much”'],
  reading: table({
    source: 'instability-lumbar',
    lines: [
      line(cells('levels', 'moves', ['hyper']), 'positive', 'a level moves too much', speaksFor('instability-lumbar')),
      line(cells('levels-side', 'moves', ['hyper']), 'positive', 'a level moves too much', speaksFor('instability-lumbar')),
    ],
    otherwise: otherwise('negative', 'no level moves too much'),
    also: [
      also(cells('levels', 'pain', ['yes']), 'familiar pain at a level on pressing', pointsTo('facet-lumbar')),
      also(cells('levels-side', 'pain', ['yes']), 'familiar pain at a level on extending it', pointsTo('facet-lumbar')),
    ],
  }),
  shares: ['segment-instability'],
})
