import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { also, line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

const HERE = ['press', 'bend-{side}']

/** Side-bend and load: the version that the published arm rule names. Stage 3 of the graded compression fills it. */
export const neckClosingA = defineTest({
  id: 'neck-closing-a',
  name: 'Side-flexion compression (Spurling A)',
  short: 'Spurling A',
  alsoCalled: ['Side-bend and load', 'Side-bend load', 'Spurling version A'],
  region: 'neck',
  plannedFor: ['neck', 'arm'],
  purpose: 'Closes the openings of the cervical nerve roots on one side and loads them.',
  plain: 'tilted your head to the {side} and pressed softly',
  structures: ['cervical nerve roots in their openings', 'facet joints'],
  posture: 'sitting',
  phase: 'compression',
  after: 'neck-compression',
  sides: 'each',
  plan: 'better-side-first',
  filledBy: 'neck-compression',
  seconds: 20,
  provocative: 3,
  loads: [on('neck', 'compression', 'strong'), on('upper-neck', 'compression', 'moderate')],
  variants: [{ id: 'seven-kilograms', name: 'About 7 kg over the side-flexion', grade: 'full', how: 'Rise slowly to about 69 N.' }],
  stages: [
    load(
      'press',
      'Bend and load',
      'Bend the neck to the {side}. Load slowly to about 7 kg, never a jerk.',
      { ...close(SITTING_FRONT), neckBend: 26, contacts: [{ on: 'head', along: 0, off: 17, aside: 3, from: 80, push: 255 }] },
      { holdSeconds: 5, force: [59, 79] },
    ),
  ],
  doesNotCount: ['pain only in the neck', 'pulling on the far side'],
  notWith: [{ when: 'compression-positive' }, { when: 'compression-first' }, { when: 'cord-signs' }, { when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [{ when: 'weak-bones', then: 'light grade only' }],
  faults: ['a jerk', 'turning the head as well'],
  reading: table({
    source: 'root-cervical',
    counts: [...ARM, ...NECK],
    needs: HERE,
    lines: [
      line(familiar(ARM, { stages: HERE }), 'positive', 'familiar symptom into the arm on closing that side', speaksFor('root-cervical')),
      line(familiar(NECK, { stages: HERE }), 'negative', 'familiar pain in the neck only, so it does not count for the root', speaksAgainst('root-cervical')),
    ],
    otherwise: otherwise('negative', 'no familiar symptom into the arm', speaksAgainst('root-cervical')),
    also: [also(familiar(NECK, { stages: HERE }), 'familiar neck pain on the loaded side', pointsTo('facet-cervical'))],
  }),
  shares: ['foraminal-closing'],
})
