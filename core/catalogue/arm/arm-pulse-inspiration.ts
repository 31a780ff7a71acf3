import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { allOf, chose, line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table, inVariant } from '../reading/table'
import { load, observe } from '../stages'
import { on } from '../load'

const POSE = {
  ...close(SITTING_FRONT),
  stands: 'behind',
  neckBend: 8,
  headTurn: 48,
  nearArm: { out: 32, bend: 0, upperSeen: 1, foreSeen: 1 },
  contacts: [{ on: 'near-forearm', along: 0.9, off: 2, from: 150, says: 'pulse' }],
} as const

const DROPPED = ['weaker', 'gone']

/** Radial pulse with a deep breath. A pulse that drops without the own symptom is common in healthy people. */
export const armPulseInspiration = defineTest({
  id: 'arm-pulse-inspiration',
  name: 'Adson test (radial pulse with inspiration)',
  short: 'Adson',
  alsoCalled: ['Radial pulse with deep breath', 'Pulse, breath'],
  region: 'arm',
  plannedFor: [],
  purpose: 'Looks for narrowing at the thoracic outlet: familiar symptom, with the pulse dropping.',
  plain: 'felt your {side} pulse while you took a deep breath',
  structures: ['scalene gap', 'subclavian artery', 'lower brachial plexus'],
  posture: 'sitting',
  phase: 'outlet',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 1,
  loads: [on('neck', 'rotation', 'light'), on('upper-neck', 'rotation', 'light'), on('arm', 'movement', 'light')],
  variants: [
    { id: 'symptom', name: 'Counts with the familiar symptom' },
    { id: 'pulse-alone', name: 'A dropped pulse alone counts', how: 'Many healthy people lose the pulse.' },
  ],
  stages: [
    load('breath', 'Deep breath, held', '{side} arm 30° out, turned out and back; head to the {side}. Deep breath, held.', POSE, { holdSeconds: 15 }),
    observe('pulse', 'The pulse', 'What did the pulse of the {side} wrist do?', { unchanged: 'Unchanged', weaker: 'Weaker', gone: 'Gone' }, POSE, {
      ask: 'Breathe out. Is it all gone?',
    }),
  ],
  doesNotCount: ['a dropped pulse alone: common in healthy people', 'a stretch at the front of the neck'],
  notWith: [{ when: 'upper-neck-laxity' }],
  careWith: [{ when: 'dizziness-known' }],
  faults: ['pulse felt too hard', 'breath not held'],
  reading: table({
    source: 'outlet',
    counts: [...ARM, ...NECK],
    lines: [
      line(allOf(familiar(ARM), chose('pulse', ...DROPPED)), 'positive', 'familiar symptom with a dropped pulse', speaksFor('outlet')),
      line(
        allOf(inVariant('pulse-alone'), chose('pulse', ...DROPPED)),
        'positive',
        'the pulse dropped: counted alone by this school, and common in healthy people',
        pointsTo('outlet'),
      ),
      line(familiar(ARM), 'inconclusive', 'familiar symptom without a change of the pulse'),
      line(chose('pulse', ...DROPPED), 'negative', 'the pulse dropped without the familiar symptom, as in many healthy people', speaksAgainst('outlet')),
    ],
    otherwise: otherwise('negative', 'pulse unchanged and no familiar symptom', speaksAgainst('outlet')),
  }),
  shares: ['outlet'],
})
