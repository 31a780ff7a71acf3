import { defineTest } from '../exam-test'
import { ON_THE_BACK_FRONT } from '../poses'
import { allOf, also, anyOf, cells, line, otherwise, pointsTo, table } from '../reading/table'
import { column, grid } from '../stages'
import { on } from '../load'

const SORE = { no: 'nothing', left: 'own, left', right: 'own, right', both: 'own, both' } as const

const PAIRS = { 'left-up': 'left up, right down', 'right-up': 'right up, left down' } as const
const ALONE = {
  'left-alone-up': 'left alone, up',
  'left-alone-down': 'left alone, down',
  'right-alone-up': 'right alone, up',
  'right-alone-down': 'right alone, down',
} as const
const SORE_COLUMN = column('sore', 'familiar pain', SORE, { usual: 'no' })
const POSE = {
  ...ON_THE_BACK_FRONT,
  stands: 'tested',
  contacts: [
    { on: 'pelvis', along: 0.8, off: 4, from: 60, push: 180 },
    { on: 'pelvis', along: 0.9, off: -4, from: 300, push: 0 },
  ],
} as const

/** Pubic symphysis shear: one side up and the other down, reversed, then each quarter alone, up and down. */
export const pubicShear = defineTest({
  id: 'pubic-shear',
  name: 'Pubic symphysis shear',
  short: 'pubic shear',
  alsoCalled: ['Pubic joint shear', 'Pubic stress test'],
  region: 'pelvis',
  plannedFor: [],
  intimate: 'pubic',
  purpose: 'Shears the pubic symphysis in each direction and asks on which side the familiar pain is.',
  plain: 'pressed on the bone at the front of your hips',
  structures: ['pubic symphysis'],
  posture: 'supine',
  phase: 'loading',
  after: 'knee-to-shoulder',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 2,
  loads: [on('pelvis', 'shear', 'strong')],
  variants: [
    { id: 'six-directions', name: 'Both ways, then each side alone, up and down', stages: ['pairs', 'alone'] },
    { id: 'four-directions', name: 'Both ways, then each side alone', stages: ['ways'], retired: true },
  ],
  stages: [
    grid(
      'pairs',
      'Both sides at once',
      'Heels of the hands on the pubic bone: one side up, the other down, slowly; then the other way.',
      PAIRS,
      [SORE_COLUMN],
      POSE,
    ),
    grid('alone', 'Each quarter alone', 'One hand alone: press each side up, then down, slowly.', ALONE, [SORE_COLUMN], {
      ...POSE,
      contacts: [{ on: 'pelvis', along: 0.85, off: 4, from: 60, push: 180 }],
    }),
    grid(
      'ways',
      'Four directions',
      'Heel of the hand above and below the pubic bone. Press slowly in each direction.',
      { ...PAIRS, 'left-alone': 'left alone', 'right-alone': 'right alone' },
      [SORE_COLUMN],
      POSE,
    ),
  ],
  doesNotCount: ['pressure on the bone'],
  notWith: [{ when: 'fracture', of: 'the pelvis' }],
  careWith: [{ when: 'pregnancy' }],
  faults: ['consent not asked again', 'a jerk'],
  reading: table({
    source: 'pubic-symphysis',
    lines: [
      line(
        anyOf(cells('ways', 'sore', ['both'], 4), allOf(cells('pairs', 'sore', ['both'], 2), cells('alone', 'sore', ['both'], 4))),
        'positive',
        'both sides in every direction: inflammation or separation of the joint',
        pointsTo('pubic-symphysis'),
        pointsTo('inflammatory'),
      ),
      line(
        anyOf(...['ways', 'pairs', 'alone'].map((stage) => cells(stage, 'sore', ['left', 'right', 'both']))),
        'positive',
        'familiar pain at the pubic symphysis',
        pointsTo('pubic-symphysis'),
      ),
    ],
    otherwise: otherwise('negative', 'no familiar pain in any direction'),
    also: [
      also(
        anyOf(cells('ways', 'sore', ['{side}'], 2), allOf(cells('pairs', 'sore', ['{side}']), cells('alone', 'sore', ['{side}']))),
        'sore on this side: pubic dysfunction here',
        pointsTo('pubic-symphysis'),
      ),
    ],
  }),
  shares: [],
})
