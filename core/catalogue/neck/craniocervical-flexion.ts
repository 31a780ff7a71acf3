import { defineTest } from '../exam-test'
import { closeToNeck, ON_THE_BACK } from '../poses'
import { cells, line, otherwise, pointsTo, table } from '../reading/table'
import { column, cuffGrid, measure } from '../stages'
import { on } from '../load'

const CUFF = [{ on: 'neck', along: 0.4, off: -7, from: 250, says: 'cuff at 20' }] as const

/**
 * Craniocervical flexion with a pressure cuff under the neck: how high a pressure is held steadily, and how often.
 *
 * Activation score: highest pressure held 10 s, less 20. Performance index: that times the holds completed, at most 100.
 */
export const craniocervicalFlexion = defineTest({
  id: 'craniocervical-flexion',
  name: 'Craniocervical flexion test (pressure biofeedback)',
  short: 'CCFT',
  alsoCalled: ['Deep neck flexors with a cuff', 'Deep flexors', 'Craniocervical flexion test'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Shows how well the deep muscles at the front of the neck hold.',
  plain: 'asked you to nod on a soft air pad',
  structures: ['deep neck flexors'],
  posture: 'supine',
  phase: 'control',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 300,
  provocative: 1,
  loads: [on('upper-neck', 'contraction', 'light'), on('neck', 'contraction', 'light')],
  variants: [{ id: 'cuff', name: 'Cuff at 20 mmHg, steps of 2' }],
  stages: [
    cuffGrid(
      'pressures',
      'Nod and hold each for 10 s',
      'Nod without lifting the head; hold 10 s, breathing. Rest 10 s and reset to 20 between.',
      [22, 24, 26, 28, 30],
      [
        column('held', 'held 10 s', { steady: 'steady', unsteady: 'unsteady', surface: 'surface muscles', pain: 'pain' }),
        { ...column('reached', 'mean reached', {}), number: { min: 16, max: 40, unit: 'mmHg' } },
      ],
      { ...closeToNeck(ON_THE_BACK, 'tested'), neck: 12, contacts: CUFF },
      { holdSeconds: 10, restSeconds: 10 },
    ),
    measure(
      'holds',
      'Holds at the best step',
      'At the best step, count the 10 s holds, ten at most. Type how many.',
      { unit: ' holds', joint: 'number of holds', min: 0, max: 10, usual: [0, 10] },
      { ...closeToNeck(ON_THE_BACK, 'tested'), neck: 12, contacts: CUFF },
      { ask: 'How does your neck feel?' },
    ),
  ],
  anchors: ['steady at 28 mmHg or more', '10 holds of 10 s at the best step'],
  doesNotCount: ['a lifted head', 'holding the breath'],
  notWith: [{ when: 'upper-neck-laxity' }],
  careWith: [{ judged: 'pain on nodding', then: 'stop there' }],
  faults: ['jaw clenched', 'no reset to 20 between', 'head pressed into the cuff'],
  reading: table({
    source: 'muscle-neck',
    steps: ['pressures'],
    scores: { pressures: 'pressures', holds: 'holds' },
    lines: [
      line(cells('pressures', 'held', ['pain']), 'inconclusive', 'pain ended it: a measure of the muscles only to that step'),
      line(cells('pressures', 'held', ['steady'], 1, ['p28', 'p30']), 'negative', 'steady at 28 mmHg or more'),
      line(
        cells('pressures', 'held', ['steady', 'unsteady', 'surface']),
        'positive',
        'not steady up to 28 mmHg: the deep neck flexors are weak',
        pointsTo('muscle-neck'),
      ),
    ],
    otherwise: otherwise('inconclusive', 'no step was tried'),
  }),
  shares: [],
})
