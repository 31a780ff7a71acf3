import { defineTest } from '../exam-test'
import { STANDING, STANDING_BEHIND } from '../poses'
import { also, chose, line, limited, mean, otherwise, pointsTo, table } from '../reading/table'
import { measure, observe } from '../stages'
import { on } from '../load'

/** Active movements of the low back: flexion angle, aberrant movement, extension and side-bend. */
export const lumbarRange = defineTest({
  id: 'lumbar-range',
  name: 'Lumbar active range and aberrant movement',
  short: 'L-ROM',
  alsoCalled: ['Low-back range and quality', 'Back range', 'Lumbar active range of motion', 'Aberrant movement'],
  region: 'back',
  plannedFor: ['low-back'],
  purpose: 'A baseline of flexion, extension and side-flexion, and a look for aberrant movement.',
  plain: 'asked you to bend each way while you stood',
  structures: ['lumbar segments', 'trunk muscles'],
  posture: 'standing',
  phase: 'movement',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 1,
  loads: [on('low-back', 'movement', 'light')],
  variants: [{ id: 'double-inclinometer', name: 'By the patient; two inclinometers for flexion' }],
  stages: [
    measure(
      'flexion',
      'Bend forward',
      'Bend forward slowly, knees straight. Flexion is T12 less sacrum.',
      { joint: 'low-back flexion, two inclinometers', min: 0, max: 120, usual: [10, 80] },
      { ...STANDING, lumbar: 40, thorax: 26, neck: 12, measured: 'trunk', contacts: [] },
      { handsOff: true },
    ),
    observe(
      'quality',
      'On the way down and up',
      'Watch the movement both ways.',
      { smooth: 'Smooth', arc: 'Painful arc', catch: 'A catch', climbing: 'Climbs up the thighs', reversal: 'Reversed rhythm' },
      { ...STANDING, lumbar: 20, thorax: 18, contacts: [] },
      { handsOff: true },
    ),
    measure(
      'extension',
      'Bend back',
      'Bend back slowly.',
      { joint: 'low-back extension', min: 0, max: 80, usual: [2, 50] },
      { ...STANDING, lumbar: -18, thorax: -12, contacts: [] },
      { handsOff: true },
    ),
    observe(
      'side-bend',
      'Bend to each side',
      'Bend to the left, then to the right.',
      { equal: 'Equal', 'less-left': 'Less to the left', 'less-right': 'Less to the right' },
      { ...STANDING_BEHIND, trunkBend: 22, neckBend: 6, contacts: [] },
      { handsOff: true },
    ),
  ],
  anchors: ['bending forward more than 53° counts for laxity'],
  doesNotCount: ['a pull behind the thighs'],
  notWith: [],
  careWith: [{ judged: 'unsteady people', then: 'stand close' }],
  faults: ['knees bending', 'measured over clothes that slide'],
  reading: table({
    source: 'instability-lumbar',
    lines: [line(chose('quality', 'arc', 'catch', 'climbing', 'reversal'), 'positive', 'aberrant movement', pointsTo('instability-lumbar'))],
    otherwise: otherwise('negative', 'smooth movement'),
    also: [
      also(mean('flexion', 53.1, 120), 'bends forward more than 53°', pointsTo('instability-lumbar')),
      also(limited('extension', 'own-pain'), 'familiar pain ended bending back', pointsTo('facet-lumbar')),
    ],
  }),
  shares: ['segment-instability'],
})
