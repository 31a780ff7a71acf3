import { BELOW_KNEE } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { ON_THE_BACK, ON_THE_SIDE } from '../poses'
import { also, line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

const BENT = {
  ...ON_THE_BACK,
  near: { hip: 90, knee: 90, ankle: 0 },
  contacts: [
    { on: 'near-thigh', along: 0.95, off: 4, from: 60, push: 200 },
    { on: 'near-shin', along: 0.85, off: 3, from: 55 },
  ],
} as const
const LEG = [...BELOW_KNEE, 'thigh-back', 'knee-back'] as const

/** Piriformis: stretched, then resisted. Own buttock pain points to the deep buttock; feel for it to confirm. */
export const piriformis = defineTest({
  id: 'piriformis',
  name: 'Piriformis stretch and resisted abduction/rotation',
  short: 'piriformis',
  alsoCalled: ['Deep buttock stretch and resisted push', 'Piriformis test', 'FAIR', 'Pace'],
  region: 'leg',
  plannedFor: [],
  purpose: 'Stretches and then loads the deep muscles of the buttock.',
  plain: 'stretched the deep muscle in your {side} buttock',
  structures: ['piriformis', 'deep rotators', 'sciatic nerve in the buttock'],
  posture: 'supine',
  phase: 'hip',
  after: 'hip-internal-rotation',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 45,
  provocative: 1,
  loads: [on('hip', 'rotation', 'moderate'), on('leg', 'contraction', 'moderate')],
  variants: [
    { id: 'supine', name: 'Supine', stages: ['stretch', 'resist'] },
    { id: 'side-lying', name: 'Side-lying', stages: ['stretch-side', 'resist-side'], posture: 'side-lying' },
  ],
  stages: [
    load('stretch', 'Turn the thigh in', '{side} hip and knee at 90°. Turn the thigh in, the foot going out.', BENT, { holdSeconds: 5 }),
    load('resist', 'Push out against the hand', 'Ask for a push outwards with the {side} knee against your hand, 5 s.', BENT, { holdSeconds: 5 }),
    load(
      'stretch-side',
      'Turn the thigh in',
      '{side} side up, hip at 90°. Let the knee sink and the foot rise.',
      {
        ...ON_THE_SIDE,
        near: { hip: 90, knee: 90, ankle: 0 },
        contacts: [
          { on: 'near-thigh', along: 0.9, off: 4, from: 60, push: 'in' },
          { on: 'pelvis', along: 0.5, off: -6, from: 230 },
        ],
      },
      { holdSeconds: 5 },
    ),
    load(
      'resist-side',
      'Push up against the hand',
      'Ask for a push upwards with the {side} knee against your hand, 5 s.',
      { ...ON_THE_SIDE, near: { hip: 90, knee: 90, ankle: 0 }, contacts: [{ on: 'near-thigh', along: 0.9, off: 4, from: 60 }] },
      { holdSeconds: 5 },
    ),
  ],
  doesNotCount: ['a stretch in the buttock', 'groin pain'],
  notWith: [{ when: 'hip-replacement' }],
  careWith: [{ judged: 'recent hip surgery' }],
  faults: ['pelvis rolling', 'the push not held for 5 s'],
  reading: table({
    source: 'piriformis',
    counts: ['buttock', 'sacroiliac', 'outer-hip', 'groin', ...LEG],
    lines: [
      line(
        familiar(['buttock', 'sacroiliac', 'outer-hip']),
        'positive',
        'familiar buttock pain from the deep muscles: feel for the point to confirm',
        pointsTo('piriformis'),
      ),
      line(
        familiar(LEG),
        'positive',
        'familiar leg symptom: the sciatic nerve may be caught in the buttock',
        pointsTo('neural-peripheral'),
        pointsTo('piriformis'),
      ),
    ],
    otherwise: otherwise('negative', 'no familiar buttock pain'),
    also: [also(familiar(['groin']), 'familiar pain in the groin belongs to the hip', pointsTo('hip'))],
  }),
  shares: [],
})
