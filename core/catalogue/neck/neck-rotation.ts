import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { also, limited, line, mean, otherwise, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { measure } from '../stages'
import { on } from '../load'

/** Active neck rotation: less than 60 degrees to the painful side is one item of the published arm rule. */
export const neckRotation = defineTest({
  id: 'neck-rotation',
  name: 'Cervical rotation, active',
  short: 'rotation',
  alsoCalled: ['Active neck rotation', 'Cervical rotation range'],
  region: 'neck',
  plannedFor: ['neck', 'arm', 'head'],
  purpose: 'Measures how far the head turns to each side; the published arm rule counts less than 60° to the painful side.',
  plain: 'asked you to turn your head to the {side}',
  structures: ['neck joints', 'cervical nerve roots', 'neck muscles'],
  posture: 'sitting',
  phase: 'movement',
  after: 'neck-range',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 1,
  loads: [on('neck', 'rotation', 'light'), on('upper-neck', 'rotation', 'light')],
  variants: [{ id: 'active', name: 'By the patient, up to three trials' }],
  stages: [
    measure(
      'turn',
      'Turn the head',
      'Sit upright. Turn the head slowly as far as it goes to the {side}.',
      { joint: 'neck rotation', min: 0, max: 110, usual: [20, 95] },
      { ...close(SITTING_FRONT), headTurn: 58, measured: 'head-turn', contacts: [] },
      { handsOff: true },
    ),
  ],
  anchors: ['less than 60° to the painful side counts for the arm rule'],
  doesNotCount: ['a pull at the end of range'],
  notWith: [{ when: 'neck-trauma' }],
  careWith: [{ when: 'dizziness-known' }],
  faults: ['trunk turning along', 'chin dropping', 'one trial only'],
  reading: table({
    source: 'root-cervical',
    lines: [line(mean('turn', 0, 59.9), 'positive', 'less than 60° to this side', speaksFor('root-cervical'))],
    otherwise: otherwise('negative', '60° or more to this side', speaksAgainst('root-cervical')),
    also: [also(limited('turn', 'own-pain'), 'familiar pain ended the turn', pointsTo('facet-cervical'))],
  }),
  shares: [],
})
