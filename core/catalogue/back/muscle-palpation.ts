import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { also, cells, line, otherwise, pointsTo, table } from '../reading/table'
import { column, grid } from '../stages'
import { on } from '../load'

const TENDER = { '0': '0', '1': '1', '2': '2', '3': '3', '4': '4', own: 'familiar pain' } as const
/** Where a point sends its pain; the own pain felt there is what counts. */
const GOES = { stays: 'stays', head: 'head', arm: 'arm', trunk: 'trunk', buttock: 'buttock', leg: 'leg' } as const
const NECK_POINTS = ['suboccipital', 'trapezius', 'levator', 'scalenes']
const BACK_POINTS = ['erector', 'quadratus']
const HIP_POINTS = ['gluteus-max', 'gluteus-med', 'piriformis']

/** Muscle points: tenderness 0 to 4, or the own pain, there or referred. Equal on both sides may be the pressure. */
export const musclePalpation = defineTest({
  id: 'muscle-palpation',
  name: 'Muscle palpation (tender points, referral)',
  short: 'palpation',
  alsoCalled: ['Muscle palpation', 'Muscle points', 'Trigger point palpation'],
  region: 'back',
  plannedFor: [],
  intimate: 'undressing',
  purpose: 'Looks for a muscle point that gives the patient’s familiar pain, there or where it refers.',
  plain: 'pressed on muscles that may be sore',
  structures: ['neck, back and buttock muscles'],
  posture: 'prone',
  phase: 'palpation',
  after: 'sij-palpation',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('low-back', 'pressing', 'light'), on('pelvis', 'pressing', 'light')],
  variants: [{ id: 'equal-pressure', name: 'Equal pressure on both sides' }],
  stages: [
    grid(
      'points',
      'Point by point',
      'Press each point with the same pressure left and right. Where does it go?',
      {
        suboccipital: 'below the skull',
        trapezius: 'upper trapezius',
        levator: 'shoulder-blade lifter',
        scalenes: 'side of the neck',
        erector: 'beside the spine',
        quadratus: 'flank',
        'gluteus-max': 'big buttock muscle',
        'gluteus-med': 'side of the buttock',
        piriformis: 'deep buttock',
      },
      [
        column('left', 'left', TENDER, { usual: '0' }),
        column('right', 'right', TENDER, { usual: '0' }),
        column('left-goes', 'left goes to', GOES, { usual: 'stays' }),
        column('right-goes', 'right goes to', GOES, { usual: 'stays' }),
      ],
      {
        ...FACE_DOWN,
        contacts: [
          { on: 'thorax', along: 0.3, off: 12, from: 95, push: 270 },
          { on: 'lumbar', along: 0.6, off: 10, from: 75 },
        ],
      },
    ),
  ],
  doesNotCount: ['tenderness that is not the familiar pain', 'equal tenderness on both sides'],
  notWith: [],
  careWith: [{ when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['unequal pressure', 'naming the place before asking'],
  reading: table({
    source: 'muscle-back',
    lines: [
      line(cells('points', '{side}', ['own'], 1, NECK_POINTS), 'positive', 'a neck muscle point gives the familiar pain', pointsTo('muscle-neck')),
      line(cells('points', '{side}', ['own'], 1, BACK_POINTS), 'positive', 'a back muscle point gives the familiar pain', pointsTo('muscle-back')),
      line(cells('points', '{side}', ['own'], 1, HIP_POINTS), 'positive', 'a buttock muscle point gives the familiar pain', pointsTo('outer-hip')),
    ],
    otherwise: otherwise('negative', 'no point gives the familiar pain'),
    also: [also(cells('points', '{side}', ['own'], 1, ['piriformis']), 'the deep buttock gives the familiar pain', pointsTo('piriformis'))],
    pressing: true,
  }),
  shares: [],
})
