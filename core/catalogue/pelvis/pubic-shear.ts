import { defineTest } from '../exam-test'
import { ON_THE_BACK_FRONT } from '../poses'
import { also, cells, line, otherwise, pointsTo, table } from '../reading/table'
import { column, grid } from '../stages'
import { on } from '../load'

const SORE = { no: 'nothing', left: 'own, left', right: 'own, right', both: 'own, both' } as const

/** Pubic symphysis shear: one side up and the other down, reversed, then each alone. */
export const pubicShear = defineTest({
  id: 'pubic-shear',
  name: 'Pubic joint shear',
  short: 'pubic shear',
  alsoCalled: ['Pubic stress test'],
  region: 'pelvis',
  plannedFor: [],
  intimate: 'pubic',
  purpose: 'Shears the pubic joint in each direction and asks on which side the own pain is.',
  structures: ['pubic symphysis'],
  posture: 'supine',
  phase: 'loading',
  after: 'knee-to-shoulder',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 2,
  loads: [on('pelvis', 'shear', 'strong')],
  variants: [{ id: 'four-directions', name: 'Both ways, then each side alone' }],
  stages: [
    grid(
      'ways',
      'Four directions',
      'Heel of the hand above and below the pubic bone. Press slowly in each direction.',
      { 'left-up': 'left up, right down', 'right-up': 'right up, left down', 'left-alone': 'left alone', 'right-alone': 'right alone' },
      [column('sore', 'own pain', SORE, { usual: 'no' })],
      {
        ...ON_THE_BACK_FRONT,
        contacts: [
          { on: 'pelvis', along: 0.8, off: 4, from: 60, push: 180 },
          { on: 'pelvis', along: 0.9, off: -4, from: 300, push: 0 },
        ],
      },
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
        cells('ways', 'sore', ['both'], 4),
        'positive',
        'both sides in every direction: inflammation or separation of the joint',
        pointsTo('pubic-symphysis'),
        pointsTo('inflammatory'),
      ),
      line(cells('ways', 'sore', ['left', 'right', 'both']), 'positive', 'own pain at the pubic joint', pointsTo('pubic-symphysis')),
    ],
    otherwise: otherwise('negative', 'no own pain in any direction'),
    also: [also(cells('ways', 'sore', ['{side}'], 2), 'sore on this side: pubic dysfunction here', pointsTo('pubic-symphysis'))],
  }),
  shares: [],
})
