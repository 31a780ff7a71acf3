import { defineTest } from '../exam-test'
import { closeToNeck, ON_THE_BACK_FRONT } from '../poses'
import { otherwise, table } from '../reading/table'
import { measure, observe } from '../stages'
import { on } from '../load'

const FLEXED = { joint: 'rotation with the neck fully bent', min: 0, max: 80, usual: [15, 60] } as const
const MEASURED = {
  ...closeToNeck(ON_THE_BACK_FRONT, 'head'),
  headTurn: 34,
  measured: 'head-turn',
  contacts: [
    { on: 'head', along: 0, off: 12, from: 163 },
    { on: 'head', along: 0, off: -12, from: 197 },
  ],
} as const
const RESTS = { ...closeToNeck(ON_THE_BACK_FRONT, 'head'), headTurn: 20, contacts: [{ on: 'head', along: 0, off: -12, from: 205 }] } as const
const PUSH = 'Neck in the middle, turned to comfort. Hand rests on the cheek: push towards the {side}, a tenth of your force, 7 s.'
const GOES_ON = { further: 'Goes further', same: 'No further', pain: 'Familiar pain: stop' } as const
const TURNED = { joint: 'rotation, neck in the middle', min: 0, max: 100, usual: [20, 90] } as const
const CYCLES = ['turn-1', 'turn-2', 'turn-3', 'turn-4'] as const
const RELAX = 'Hand on the cheek: push towards the {side}, a tenth of your force, 7 s; relax, turn further, measure.'
const MORE = { enough: 'That is enough', more: 'One more' } as const
const cycle = (n: number, more: Parameters<typeof measure>[5] = {}) =>
  measure(`turn-${n}`, `Cycle ${n}: push, relax, turn`, RELAX, TURNED, RESTS, { holdSeconds: 7, unlessPainAt: CYCLES.slice(0, n - 1), ...more })

/** Hold-relax for a restricted turn: a treatment probe, measured before and after against measurement error. */
export const holdRelax = defineTest({
  id: 'hold-relax',
  name: 'Hold-relax (contract-relax) for restricted rotation',
  short: 'hold-relax',
  alsoCalled: ['Hold-relax for a restricted turn', 'Contract-relax', 'Muscle energy'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Shows whether a gentle push and release gains range, for those who cannot relax or refuse manipulation.',
  plain: 'asked you to push and relax your neck on the {side}',
  structures: ['suboccipital muscles', 'C1–C2 joint'],
  posture: 'supine',
  phase: 'control',
  after: 'craniocervical-flexion',
  sides: 'each',
  plan: 'painful-side',
  seconds: 120,
  provocative: 1,
  loads: [on('upper-neck', 'rotation', 'moderate'), on('neck', 'contraction', 'light')],
  variants: [
    {
      id: 'measured-cycles',
      name: 'Three to five cycles of 7 seconds, each measured, towards the restricted side',
      how: 'The familiar pain ends the cycles; the range is then measured again.',
      stages: ['before', 'turn-1', 'turn-2', 'turn-3', 'fourth', 'turn-4', 'fifth', 'turn-5', 'after'],
    },
    {
      id: 'three-cycles',
      name: 'Three cycles of 7 seconds, towards the restricted side',
      stages: ['before', 'cycle-1', 'cycle-2', 'cycle-3', 'after'],
      retired: true,
    },
  ],
  stages: [
    measure('before', 'Before: turn in full flexion', 'Bend the neck fully; turn the head slowly to the {side} to the first stop.', FLEXED, MEASURED),
    cycle(1),
    cycle(2),
    cycle(3),
    observe('fourth', 'Another cycle?', 'Three are enough; up to five while the range still grows.', MORE, RESTS, {
      effect: 'looks',
      unlessPainAt: CYCLES.slice(0, 3),
    }),
    cycle(4, { when: { stage: 'fourth', chose: ['more'] } }),
    observe('fifth', 'A last one?', 'Five at most.', MORE, RESTS, {
      effect: 'looks',
      when: { stage: 'fourth', chose: ['more'] },
      unlessPainAt: CYCLES,
    }),
    cycle(5, { when: { stage: 'fifth', chose: ['more'] } }),
    observe('cycle-1', 'Push 7 s, relax, turn further', PUSH, GOES_ON, RESTS, { holdSeconds: 7 }),
    observe('cycle-2', 'Again', PUSH, GOES_ON, RESTS, { holdSeconds: 7 }),
    observe('cycle-3', 'And again', PUSH, GOES_ON, RESTS, { holdSeconds: 7 }),
    measure('after', 'After: turn in full flexion', 'Bend the neck fully again; turn the head slowly to the {side} to the first stop.', FLEXED, MEASURED),
  ],
  doesNotCount: ['a gain within measurement error'],
  notWith: [{ when: 'upper-neck-laxity' }],
  careWith: [{ when: 'dizziness-known' }],
  faults: ['pushing with more than a tenth', 'the neck bent while pushing', 'pressing on the cheek'],
  reading: table({
    source: 'joint-upper-neck',
    lines: [],
    otherwise: otherwise('not-applicable', 'a treatment probe, not a test of a source'),
    gain: { before: 'before', after: 'after', mdc: 8 },
  }),
  shares: [],
})
