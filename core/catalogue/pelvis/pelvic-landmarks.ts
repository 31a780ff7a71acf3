import { defineTest } from '../exam-test'
import { ON_THE_BACK_FRONT } from '../poses'
import { allOf, cells, line, otherwise, pointsTo, table } from '../reading/table'
import { column, grid } from '../stages'
import { on } from '../load'

const HIGH = (row: string) => cells('levels', 'higher', ['{side}'], 1, [row])
const LOW = (row: string) => cells('levels', 'higher', ['{other}'], 1, [row])

/** Landmark levels, lying on the back and face down. Low reliability: a pattern is a pointer and never a figure. */
export const pelvicLandmarks = defineTest({
  id: 'pelvic-landmarks',
  name: 'Pelvic landmark levels',
  short: 'landmarks',
  alsoCalled: ['Pelvic asymmetry', 'Iliac spine levels'],
  region: 'pelvis',
  plannedFor: [],
  intimate: 'sacral',
  purpose: 'Compares the heights of the landmarks, front and back. Low reliability: a pointer only.',
  plain: 'looked at how level your hips are',
  structures: ['iliac bones', 'leg length'],
  posture: 'supine',
  phase: 'palpation',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 0,
  loads: [on('pelvis', 'pressing', 'light')],
  variants: [{ id: 'front-and-back', name: 'Supine, then prone' }],
  stages: [
    grid(
      'levels',
      'Which side is higher?',
      'Thumbs under each pair of landmarks. Supine: ASIS, medial malleoli; prone: PSIS, ischial tuberosities.',
      { front: 'anterior superior iliac spines', ankles: 'medial malleoli', rear: 'posterior superior iliac spines', tuberosity: 'ischial tuberosities' },
      [column('higher', 'higher', { level: 'level', left: 'left', right: 'right' }, { usual: 'level' })],
      {
        ...ON_THE_BACK_FRONT,
        contacts: [
          { on: 'near-hip-bone', along: 0.5, off: -4, from: 300 },
          { on: 'far-hip-bone', along: 0.5, off: 4, from: 60 },
        ],
      },
      { ask: 'Lie as you lie comfortably.' },
    ),
  ],
  doesNotCount: ['differences smaller than a thumb’s breadth'],
  notWith: [],
  careWith: [{ when: 'pregnancy', then: 'prone only with room for the bump' }],
  faults: ['looking from the side', 'thumbs not under the bone'],
  reading: table({
    source: 'sij-stiff',
    soreSide: true,
    lines: [
      line(allOf(HIGH('front'), HIGH('rear'), HIGH('tuberosity')), 'positive', 'front, rear and sitting bone all high: up-slip pattern', pointsTo('sij-stiff')),
      line(allOf(LOW('front'), HIGH('rear')), 'positive', 'front low and rear high: forward-rotated pattern', pointsTo('sij-stiff')),
      line(allOf(HIGH('front'), LOW('rear')), 'positive', 'front high and rear low: backward-rotated pattern', pointsTo('sij-stiff')),
    ],
    otherwise: otherwise('negative', 'no pattern on this side'),
  }),
  shares: [],
})
