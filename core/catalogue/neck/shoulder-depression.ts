import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { line, otherwise, familiar, pointsTo, said, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Shoulder depression with the neck bent away: pulls on the root and its sleeve. */
export const shoulderDepression = defineTest({
  id: 'shoulder-depression',
  name: 'Shoulder depression test',
  short: 'shoulder depr.',
  alsoCalled: ['Shoulder pressed down, neck bent away', 'Shoulder down'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Pulls the roots and their sleeves on one side.',
  plain: 'pressed your {side} shoulder down',
  structures: ['cervical nerve roots and dural sleeves', 'upper trapezius'],
  posture: 'sitting',
  phase: 'loading',
  after: 'neck-extension-rotation',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 2,
  loads: [on('shoulder', 'pressing', 'moderate'), on('neck', 'tension', 'moderate'), on('upper-neck', 'bending', 'light')],
  variants: [{ id: 'bent-away', name: 'Neck bent away, shoulder pressed down' }],
  stages: [
    load(
      'press',
      'Bend away, press down',
      'Bend the neck away from the {side}. Press the {side} shoulder down slowly.',
      {
        ...close(SITTING_FRONT),
        neckBend: -24,
        contacts: [
          { on: 'near-shoulder', along: 0.85, off: 6, from: 178, push: 268 },
          { on: 'head', along: 0, off: 6, aside: -16, from: 150 },
        ],
      },
      { holdSeconds: 5 },
    ),
  ],
  doesNotCount: ['pulling in the upper trapezius'],
  notWith: [{ when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [{ when: 'irritable' }],
  faults: ['a jerk at the shoulder', 'the head carried along'],
  reading: table({
    source: 'root-cervical',
    counts: [...ARM, ...NECK],
    lines: [
      line(familiar(ARM), 'positive', 'familiar arm symptom on pulling the root', speaksFor('root-cervical')),
      line(familiar(NECK), 'negative', 'familiar pain in the neck or shoulder only', pointsTo('muscle-neck')),
      line(said(['stretch']), 'negative', 'pulling only, as a tight trapezius gives', pointsTo('muscle-neck')),
    ],
    otherwise: otherwise('negative', 'no familiar symptom into the arm', speaksAgainst('root-cervical')),
  }),
  shares: ['brachial-tension'],
})
