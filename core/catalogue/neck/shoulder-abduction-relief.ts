import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { line, otherwise, pointsTo, said, speaksAgainst, speaksFor, table } from '../reading/table'
import { relief } from '../stages'
import { on } from '../load'

/** Hand on head: does an arm symptom that is there ease when the palm rests on the head? */
export const shoulderAbductionRelief = defineTest({
  id: 'shoulder-abduction-relief',
  name: 'Shoulder abduction relief (Bakody)',
  short: 'abduction relief',
  alsoCalled: ['Hand on head', 'Shoulder abduction relief', 'Bakody'],
  region: 'arm',
  plannedFor: ['arm'],
  purpose: 'Takes tension off the roots and asks whether the arm symptom eases.',
  plain: 'put your {side} hand on top of your head',
  structures: ['cervical nerve roots C5 to C7', 'brachial plexus'],
  posture: 'sitting',
  phase: 'relief',
  sides: 'each',
  plan: 'painful-side',
  seconds: 45,
  provocative: 0,
  loads: [on('shoulder', 'movement', 'light')],
  variants: [{ id: 'palm-rests', name: 'Palm resting on the head, 30 to 60 seconds' }],
  stages: [
    relief(
      'rest',
      'Palm on the head',
      'Let the {side} palm rest on top of the head for half a minute.',
      { ...close(SITTING_FRONT), nearArm: { out: 142, bend: 92, upperSeen: 0.9, foreSeen: 0.8 }, contacts: [] },
      { holdSeconds: 30, handsOff: true },
    ),
  ],
  doesNotCount: ['shoulder discomfort from the position'],
  notWith: [],
  careWith: [{ judged: 'a stiff or sore shoulder', then: 'lift the arm for them' }],
  faults: ['asked of somebody without a symptom at rest', 'position left before half a minute'],
  reading: table({
    source: 'root-cervical',
    lines: [
      line(said(['nothing-to-relieve']), 'inconclusive', 'no arm symptom was there to relieve, so it says nothing'),
      line(said(['eased']), 'positive', 'the arm symptom eased with the hand on the head', speaksFor('root-cervical')),
      line(said(['worse']), 'negative', 'the symptom rose in this position', speaksAgainst('root-cervical'), pointsTo('outlet')),
    ],
    otherwise: otherwise('negative', 'the arm symptom did not ease', speaksAgainst('root-cervical')),
  }),
  shares: ['foraminal-opening'],
})
