import type { GridColumn } from '../../record/outline'
import { defineTest } from '../exam-test'
import { closeToNeck, ON_THE_BACK_FRONT } from '../poses'
import { allOf, anyOf, cells, line, otherwise, pointsTo, speaksFor, table, inVariant } from '../reading/table'
import { column, grid } from '../stages'
import { on } from '../load'
import { C2_IS, C2_MOVES } from './c2'

const FOLLOWS = { once: 'at once', late: 'late', absent: 'not at all' } as const
const POSITIONS = { neutral: 'neutral', bent: 'slightly bent', extended: 'slightly extended' } as const
const COLUMNS: readonly GridColumn[] = [
  column('tilt', 'C2 against the tilt', FOLLOWS, { usual: 'once' }),
  column('turn', 'C2 against the turn', FOLLOWS, { usual: 'once' }),
  column('pain', 'pain', { no: 'no', yes: 'yes' }, { usual: 'no' }),
]
const LAX = ['late', 'absent']
const HANDS = [
  { on: 'neck', along: 0.4, off: -5, from: 285, says: 'hold C2' },
  { on: 'head', along: 0, off: 13, from: 158, push: 250 },
] as const

/** Alar ligament stress: the spinous process of C2 should move at once, against the tilt and against the turn. */
export const alarLigament = defineTest({
  id: 'alar-ligament',
  name: 'Alar ligament stress test',
  short: 'alar',
  alsoCalled: ['Alar ligament stress', 'Alar ligament test'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Feels whether C2 follows at once when the head alone is tilted and turned a little.',
  plain: 'tilted your head to the {side} and held one bone of your neck',
  structures: ['alar ligaments', 'upper cervical joints'],
  posture: 'supine',
  phase: 'ligament',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('upper-neck', 'bending', 'light')],
  variants: [
    { id: 'three-positions', name: 'Lax only in neutral, bent and extended alike', stages: ['three'] },
    { id: 'nodded', name: 'One nodded position, tilt and turn', stages: ['nodded'] },
  ],
  stages: [
    grid(
      'three',
      'Tilt and turn, three positions',
      'Hold C2 between finger and thumb. Tilt the head alone to the {side}, then turn it, a little.',
      POSITIONS,
      COLUMNS,
      { ...closeToNeck(ON_THE_BACK_FRONT, 'head'), neckBend: 8, contacts: HANDS },
    ),
    grid(
      'nodded',
      'Tilt and turn, nodded',
      'A small nod takes up the slack. Tilt the head alone to the {side}, then turn it, a little.',
      { nodded: 'nodded' },
      COLUMNS,
      {
        ...closeToNeck(ON_THE_BACK_FRONT, 'head'),
        neckBend: 8,
        contacts: HANDS,
      },
    ),
  ],
  anchors: [C2_IS, C2_MOVES],
  doesNotCount: ['pain without slack', 'stiffness of the lower neck'],
  notWith: [{ when: 'cord-signs' }, { when: 'neck-artery' }, { when: 'head-unsupported' }, { when: 'fracture-neck' }],
  careWith: [{ judged: 'everyone', then: 'the lightest touch' }],
  faults: ['tilting the neck and not the head alone', 'C2 held too weakly to feel it move', 'calling slack in one position negative'],
  reading: table({
    source: 'laxity-upper-neck',
    lines: [
      line(
        anyOf(
          allOf(inVariant('three-positions'), anyOf(cells('three', 'tilt', LAX, 3), cells('three', 'turn', LAX, 3))),
          allOf(inVariant('nodded'), anyOf(cells('nodded', 'tilt', ['absent']), cells('nodded', 'turn', ['absent']))),
        ),
        'positive',
        'C2 does not follow at once as the school asks: lax',
        speaksFor('laxity-upper-neck'),
      ),
      line(
        anyOf(cells('three', 'tilt', LAX), cells('three', 'turn', LAX), cells('nodded', 'tilt', LAX), cells('nodded', 'turn', LAX)),
        'inconclusive',
        'slack in one position only: stop, and have it looked at; never negative',
      ),
      line(
        anyOf(cells('three', 'pain', ['yes']), cells('nodded', 'pain', ['yes'])),
        'negative',
        'pain without slack: no high-velocity neck technique',
        pointsTo('joint-upper-neck'),
      ),
    ],
    otherwise: otherwise('negative', 'C2 follows at once everywhere, which never clears a neck'),
  }),
  shares: ['upper-neck-ligament'],
})
