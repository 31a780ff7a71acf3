import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING, SITTING_FRONT } from '../poses'
import { line, otherwise, familiar, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Compression with the neck bent 30 to 45 degrees; only when plain compression was quiet and a disc is suspected. */
export const neckFlexedCompression = defineTest({
  id: 'neck-flexed-compression',
  name: 'Compression in flexion',
  short: 'flexed compr.',
  alsoCalled: ['Compression with the neck bent', 'Bent load', 'Jackson compression'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Loads the neck bent 30 to 45° when plain loading was negative and a disc is suspected.',
  plain: 'bent your head down and pressed softly',
  structures: ['neck discs', 'cervical nerve roots'],
  posture: 'sitting',
  phase: 'compression',
  after: 'neck-closing-b',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 3,
  loads: [on('neck', 'compression', 'strong'), on('upper-neck', 'compression', 'moderate')],
  variants: [
    { id: 'side-bent', name: 'Bent to the side', grade: 'full', stages: ['side'] },
    { id: 'forward-bent', name: 'Bent forward', grade: 'full', stages: ['forward'] },
  ],
  stages: [
    load(
      'side',
      'Bend aside and load',
      'Bend the neck 30 to 45° to the {side}. Load slowly, never a jerk.',
      { ...close(SITTING_FRONT), neckBend: 34, contacts: [{ on: 'head', along: 0, off: 17, aside: 3, from: 80, push: 255 }] },
      { holdSeconds: 5 },
    ),
    load(
      'forward',
      'Bend forward and load',
      'Bend the neck 30 to 45° forward. Load slowly, never a jerk.',
      { ...close(SITTING), neck: 36, contacts: [{ on: 'head', along: 0.2, off: 18, from: 100, push: 275 }] },
      { holdSeconds: 5 },
    ),
  ],
  doesNotCount: ['pain only in the neck'],
  notWith: [{ when: 'compression-positive' }, { when: 'compression-first' }, { when: 'cord-signs' }, { when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [{ when: 'weak-bones', then: 'light grade only' }],
  faults: ['done although plain compression brought the symptom on', 'a jerk'],
  reading: table({
    source: 'root-cervical',
    counts: [...ARM, ...NECK],
    lines: [
      line(familiar(ARM), 'positive', 'familiar arm symptom on loading the bent neck', speaksFor('root-cervical')),
      line(familiar(NECK), 'negative', 'familiar pain in the neck only, so it does not count for the root', speaksAgainst('root-cervical')),
    ],
    otherwise: otherwise('negative', 'no familiar symptom into the arm', speaksAgainst('root-cervical')),
  }),
  shares: ['foraminal-closing'],
})
