import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { also, line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

const HERE = ['press', 'quarter-{side}']

/** Extension, turn and load: its own result, because rules name the other version. Stage 4 of the graded compression fills it. */
export const neckClosingB = defineTest({
  id: 'neck-closing-b',
  name: 'Extension-rotation compression (Spurling B, quadrant)',
  short: 'Spurling B',
  alsoCalled: ['Extension, turn and load', 'Quarter load', 'Spurling version B'],
  region: 'neck',
  plannedFor: ['neck', 'arm'],
  purpose: 'Closes one side of the neck fully and loads it.',
  plain: 'tipped your head back to the {side} and pressed softly',
  structures: ['cervical nerve roots in their openings', 'facet joints'],
  posture: 'sitting',
  phase: 'compression',
  after: 'neck-closing-a',
  sides: 'each',
  plan: 'better-side-first',
  filledBy: 'neck-compression',
  seconds: 20,
  provocative: 3,
  loads: [on('neck', 'compression', 'strong'), on('upper-neck', 'rotation', 'strong')],
  variants: [{ id: 'extension-turn', name: 'Extension, side-flexion and turn to one side, loaded', grade: 'full' }],
  stages: [
    load(
      'press',
      'Extend, turn and load',
      'Extension, side-flexion and turn to the {side}. Load slowly, never a jerk.',
      { ...close(SITTING_FRONT), neckBend: 22, headTurn: 38, contacts: [{ on: 'head', along: 0, off: 17, aside: 3, from: 80, push: 255 }] },
      { holdSeconds: 5 },
    ),
  ],
  doesNotCount: ['pain only in the neck'],
  notWith: [{ when: 'compression-positive' }, { when: 'compression-first' }, { when: 'cord-signs' }, { when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [{ when: 'dizziness-known' }, { when: 'weak-bones', then: 'light grade only' }],
  faults: ['a jerk', 'loading before asking'],
  reading: table({
    source: 'root-cervical',
    counts: [...ARM, ...NECK],
    needs: HERE,
    lines: [
      line(familiar(ARM, { stages: HERE }), 'positive', 'familiar symptom into the arm on closing that quarter', speaksFor('root-cervical')),
      line(familiar(NECK, { stages: HERE }), 'negative', 'familiar pain in the neck only, so it does not count for the root', speaksAgainst('root-cervical')),
    ],
    otherwise: otherwise('negative', 'no familiar symptom into the arm', speaksAgainst('root-cervical')),
    also: [also(familiar(NECK, { stages: HERE }), 'familiar neck pain on the loaded side', pointsTo('facet-cervical'))],
  }),
  shares: ['foraminal-closing'],
})
