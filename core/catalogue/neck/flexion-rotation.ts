import { defineTest } from '../exam-test'
import { closeToNeck, ON_THE_BACK_FRONT } from '../poses'
import { also, limited, line, mean, otherwise, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { measure } from '../stages'
import { on } from '../load'

/**
 * Flexed-neck rotation: full flexion locks the neck below C2, so what still turns is C1 on C2.
 *
 * Normal is about 44 degrees each way; 32 or less, or 10 less than the other side, is positive; 33 to 34 is borderline.
 */
export const flexionRotation = defineTest({
  id: 'flexion-rotation',
  name: 'Flexion-rotation test (C1-2)',
  short: 'FRT',
  alsoCalled: ['Flexed-neck rotation', 'Flexed rotation', 'Flexion rotation test', 'C1-C2 rotation'],
  region: 'neck',
  plannedFor: ['head'],
  purpose: 'Measures the turn of C1 on C2 with the rest of the neck locked in flexion.',
  plain: 'bent your neck and turned it to the {side}',
  structures: ['C1–C2 joint', 'suboccipital muscles'],
  posture: 'supine',
  phase: 'movement',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('upper-neck', 'rotation', 'moderate'), on('neck', 'bending', 'moderate')],
  variants: [{ id: 'three-trials', name: 'Full flexion, up to three trials' }],
  stages: [
    measure(
      'turn',
      'Turn in full flexion',
      'Bend the neck fully and keep it against you. Turn the head slowly to the {side} to the first stop or pain.',
      { joint: 'rotation with the neck fully bent', min: 0, max: 80, usual: [15, 60] },
      {
        ...closeToNeck(ON_THE_BACK_FRONT, 'head'),
        headTurn: 38,
        measured: 'head-turn',
        contacts: [
          { on: 'head', along: 0, off: 12, from: 163 },
          { on: 'head', along: 0, off: -12, from: 197 },
        ],
      },
    ),
  ],
  anchors: ['about 44° each way', '32° or less, or 10° less than the other side, counts', '33 or 34° is borderline'],
  doesNotCount: ['a stretch at the back of the neck'],
  notWith: [{ when: 'upper-neck-laxity' }],
  careWith: [{ when: 'dizziness-known' }],
  faults: ['flexion lost while turning', 'turning past the first stop', 'one trial only'],
  reading: table({
    source: 'joint-upper-neck',
    lines: [
      line(
        mean('turn', 0, 32),
        'positive',
        'the turn ends at 32° or less: the upper cervical joint, or tight muscles below the skull',
        speaksFor('joint-upper-neck'),
      ),
      line(mean('turn', 32.1, 34.9), 'inconclusive', 'borderline, between 32° and 35°'),
      // Range and pain are two results: full range with the own pain at its end is no answer against the joint.
      line(
        limited('turn', 'own-pain'),
        'inconclusive',
        'the range is usual, with the familiar pain at its end: the range is not reduced, the pain supports it',
      ),
    ],
    otherwise: otherwise('negative', 'the turn is within the usual range', speaksAgainst('joint-upper-neck')),
    sideLoss: { stage: 'turn', by: 10, result: 'positive', says: '10° or more lost against the other side', points: [speaksFor('joint-upper-neck')] },
    also: [also(limited('turn', 'own-pain'), 'familiar pain ended the turn: supports it', pointsTo('joint-upper-neck'))],
  }),
  shares: [],
})
