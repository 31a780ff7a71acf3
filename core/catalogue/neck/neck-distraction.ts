import { ARM } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { closeToNeck, ON_THE_BACK, SITTING_FRONT } from '../poses'
import { chose, line, otherwise, painted, pointsTo, said, speaksAgainst, speaksFor, table, unless } from '../reading/table'
import { observe, relief } from '../stages'
import { on } from '../load'

/** Neck distraction: a slow lift along the neck. Without an arm symptom at the start there is nothing to relieve. */
export const neckDistraction = defineTest({
  id: 'neck-distraction',
  name: 'Cervical distraction test',
  short: 'distraction',
  alsoCalled: ['Neck distraction', 'Neck lift', 'Cervical distraction', 'Traction test'],
  region: 'neck',
  plannedFor: ['arm'],
  purpose: 'Opens the root openings with a slow lift, and asks whether an arm symptom that is there eases.',
  plain: 'pulled softly on your head',
  structures: ['cervical nerve roots in their openings', 'capsules and ligaments', 'neck muscles'],
  posture: 'supine',
  phase: 'relief',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 1,
  loads: [on('neck', 'traction', 'moderate'), on('upper-neck', 'traction', 'moderate')],
  variants: [
    { id: 'on-the-back', name: 'Supine, to about 14 kg', how: 'Rise slowly to about 137 N.', stages: ['lift', 'where'] },
    { id: 'sitting', name: 'Sitting, both sides of the head held', stages: ['lift-sitting', 'where'], posture: 'sitting' },
  ],
  stages: [
    relief(
      'lift',
      'Lift slowly and hold',
      'One hand under the chin, one below the skull. Lift slowly along the neck to about 14 kg and hold.',
      {
        ...closeToNeck(ON_THE_BACK, 'head'),
        contacts: [
          { on: 'head', along: 0.3, off: -9, from: 195, push: 180 },
          { on: 'head', along: 0.4, off: 9, from: 165 },
        ],
      },
      { holdSeconds: 10, force: [127, 147], ask: 'What happens to it now? Where?' },
    ),
    relief(
      'lift-sitting',
      'Lift slowly and hold',
      'Hold both sides of the head. Lift slowly straight up and hold.',
      {
        ...closeToNeck(SITTING_FRONT, 'head'),
        contacts: [
          { on: 'head', along: 0, off: 0, aside: -12, from: 232, push: 90 },
          { on: 'head', along: 0, off: 0, aside: 12, from: 308, push: 90 },
        ],
      },
      { holdSeconds: 10, ask: 'What happens to it now? Where?' },
    ),
    observe(
      'where',
      'Pain in the neck itself?',
      'Let down slowly.',
      { none: 'No local pain', local: 'More pain in the neck itself' },
      { ...closeToNeck(ON_THE_BACK, 'head'), contacts: [{ on: 'head', along: 0.3, off: -9, from: 195 }] },
    ),
  ],
  doesNotCount: ['a pleasant stretch', 'neck pain that eases: the arm symptom is what is asked for'],
  notWith: [{ when: 'upper-neck-laxity' }, { when: 'fracture-neck' }],
  careWith: [{ judged: 'jaw trouble', then: 'hold the sides of the head' }],
  faults: ['lifting in a jerk', 'counting “no symptom to relieve” as negative'],
  reading: table({
    source: 'root-cervical',
    lines: [
      line(unless(painted(ARM)), 'not-applicable', 'no arm symptom on this side'),
      line(said(['nothing-to-relieve']), 'inconclusive', 'no arm symptom was there to relieve, so it says nothing'),
      line(said(['eased']), 'positive', 'the arm symptom eased with the lift', speaksFor('root-cervical')),
      line(said(['worse']), 'negative', 'the symptom rose with the lift', speaksAgainst('root-cervical')),
    ],
    otherwise: otherwise('negative', 'the arm symptom did not ease', speaksAgainst('root-cervical')),
    also: [
      // Where the lift hurts locally, what is pulled is speaking.
      {
        when: chose('where', 'local'),
        says: 'more pain in the neck itself on lifting: capsule or muscle',
        points: [pointsTo('facet-cervical'), pointsTo('muscle-neck')],
      },
    ],
  }),
  shares: ['foraminal-opening'],
})
