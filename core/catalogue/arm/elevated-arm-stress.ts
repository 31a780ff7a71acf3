import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { allOf, chose, line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table, inVariant } from '../reading/table'
import { load, observe } from '../stages'
import { on } from '../load'

const UP = { out: 92, bend: 88, upperSeen: 1, foreSeen: 1 } as const
const POSE = { ...close(SITTING_FRONT), stands: 'front', nearArm: UP, farArm: UP, contacts: [] } as const

/** Raised arms for three minutes: which side tires or starts first, and at which second. */
export const elevatedArmStress = defineTest({
  id: 'elevated-arm-stress',
  name: 'Elevated arm stress test, 3 min (Roos)',
  short: 'EAST',
  alsoCalled: ['Raised arms, opening and closing hands', 'Raised arms', 'Roos', 'Elevated arm stress test'],
  region: 'arm',
  plannedFor: [],
  purpose: 'Holds both arms up for up to three minutes; logs the second and the side of the first familiar symptom.',
  plain: 'asked you to hold up your arms for three minutes',
  structures: ['thoracic outlet', 'brachial plexus', 'subclavian vessels'],
  posture: 'sitting',
  phase: 'outlet',
  after: 'arm-pulse-inspiration',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 180,
  provocative: 2,
  loads: [on('shoulder', 'movement', 'moderate'), on('arm', 'contraction', 'moderate')],
  variants: [
    { id: 'symptom', name: 'Familiar symptom, or unable to finish', stages: ['up', 'hold', 'end', 'pulse'] },
    {
      id: 'breath-held',
      name: 'With a breath held 30 to 40 s part-way',
      stages: ['up', 'hold', 'breath', 'end', 'pulse'],
      changes: {
        hold: { do: 'Both arms stay out and turned out, elbows at 90°, hands opening and closing. After a minute: hold the breath 30 to 40 s, then go on.' },
      },
    },
    { id: 'pulse-difference', name: 'A pulse difference between the sides counts too', stages: ['up', 'hold', 'end', 'pulse'] },
  ],
  stages: [
    load('up', 'Both arms up', 'Both arms out and turned out, elbows at 90°. Ask at once; the three minutes begin with this answer.', POSE, {
      since: 3,
      handsOff: true,
    }),
    load('hold', 'Three minutes', 'Open and close the hands slowly. The first familiar symptom ends it, with its second.', POSE, {
      holdSeconds: 180,
      timedAtOnce: true,
      handsOff: true,
    }),
    observe(
      'breath',
      'While the breath was held',
      'What did holding the breath do?',
      { same: 'Nothing more', more: 'More, or something came on', 'not-held': 'Not held' },
      POSE,
      { since: 3, handsOff: true, effect: 'looks' },
    ),
    observe(
      'end',
      'How it ended',
      'Let the arms down.',
      { finished: 'Finished three minutes', 'dropped-left': 'Left arm dropped', 'dropped-right': 'Right arm dropped', 'dropped-both': 'Both dropped' },
      POSE,
      { handsOff: true },
    ),
    observe(
      'pulse',
      'Pulse, both sides',
      'Compare the pulses at the wrists.',
      { same: 'The same', left: 'Weaker left', right: 'Weaker right' },
      {
        ...POSE,
        contacts: [{ on: 'near-forearm', along: 0.9, off: 2, from: 150 }],
      },
    ),
  ],
  doesNotCount: ['tired shoulders on both sides', 'a weaker pulse alone'],
  notWith: [],
  careWith: [{ judged: 'sore shoulders' }],
  faults: ['arms sinking forward', 'the second not logged'],
  reading: table({
    source: 'outlet',
    counts: [...ARM, ...NECK],
    lines: [
      line(familiar(ARM), 'positive', 'familiar arm symptom with the arms up', speaksFor('outlet')),
      line(chose('end', 'dropped-{side}', 'dropped-both'), 'positive', 'the arm could not be held up', speaksFor('outlet')),
      line(
        allOf(inVariant('pulse-difference'), chose('pulse', '{side}')),
        'positive',
        'the pulse is weaker on this side: counted by this school',
        pointsTo('outlet'),
      ),
    ],
    otherwise: otherwise('negative', 'three minutes without a familiar symptom on this side', speaksAgainst('outlet')),
  }),
  shares: ['outlet'],
})
