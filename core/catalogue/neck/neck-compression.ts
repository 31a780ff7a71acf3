import { ARM, NECK } from '../../vocabulary/area-sets'
import type { Pose } from '../../vocabulary/pose'
import { defineTest } from '../exam-test'
import { close, SITTING, SITTING_FRONT } from '../poses'
import { also, line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

const DOWN = [
  { on: 'head', along: 0, off: 18, aside: -3, from: 110, push: 270 },
  { on: 'head', along: 0, off: 18, aside: 4, from: 70 },
] as const
const DOWN_SIDE = [{ on: 'head', along: 0.2, off: 18, from: 95, push: 268 }] as const
const bent = (bend: number, turn = 0) => ({ ...close(SITTING_FRONT), neckBend: bend, headTurn: turn, contacts: DOWN })
const LOOKING_UP = { ...close(SITTING), neck: -24, contacts: DOWN_SIDE } as const
const PRESSED = ['neutral', 'extension', 'bend-left', 'bend-right', 'quarter-left', 'quarter-right']
/** The positions in the order of those who are sore on the left: the better side first there too. */
const RIGHT_FIRST = ['neutral', 'extension', 'bend-right', 'bend-left', 'quarter-right', 'quarter-left'].flatMap((id) =>
  id === 'neutral' ? [id] : [`${id}-in`, id],
)
const HANDS_ONLY = {
  grade: 'light',
  how: 'For weak bones and people who are stirred up easily.',
  changes: Object.fromEntries(PRESSED.map((id) => [id, { do: 'Stay so. Ask first, then let the weight of your hands rest on the head, and no more.' }])),
} as const
/** The position alone is asked about first; only a quiet one is pressed. */
const position = (id: string, label: string, doing: string, pose: Pose) => load(id, label, doing, { ...pose, contacts: [] }, { since: 3, handsOff: true })

/**
 * Neck compression in stages: a slowly rising load, never a jerk; the next position only when the last was quiet.
 *
 * Into the arm: root. Neck pain on the loaded side: facet. Neck pain on the stretched side: muscle.
 */
export const neckCompression = defineTest({
  id: 'neck-compression',
  name: 'Cervical compression, graded',
  short: 'compression',
  alsoCalled: ['Neck compression, graded', 'Axial compression', 'Cervical compression'],
  region: 'neck',
  plannedFor: ['neck', 'arm'],
  purpose: 'Loads the neck step by step, from neutral to the closing quarter, and stops at the first familiar arm symptom.',
  plain: 'pressed softly on the top of your head',
  structures: ['cervical nerve roots in their openings', 'facet joints', 'discs'],
  posture: 'sitting',
  phase: 'compression',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 3,
  loads: [on('neck', 'compression', 'strong'), on('upper-neck', 'compression', 'moderate')],
  variants: [
    { id: 'graded', name: 'Neutral, extension, each side, closing quarter', grade: 'full', first: 'left' },
    { id: 'graded-right-first', name: 'The same, right before left', grade: 'full', first: 'right', stages: RIGHT_FIRST },
    { id: 'light', name: 'The same positions, the weight of the hands only', first: 'left', ...HANDS_ONLY },
    { id: 'light-right-first', name: 'The weight of the hands only, right before left', first: 'right', stages: RIGHT_FIRST, ...HANDS_ONLY },
  ],
  stages: [
    load('neutral', 'Neutral', 'Head in the middle. Ask what is felt before pressing. Let the load rise slowly, straight down.', bent(0), { holdSeconds: 5 }),
    position('extension-in', 'Extension, no load yet', 'Look up a little. No load yet: ask first.', LOOKING_UP),
    load('extension', 'Extension, pressed', 'Stay so. Let the load rise slowly.', LOOKING_UP, { holdSeconds: 5 }),
    position('bend-left-in', 'Side-flexion left, no load yet', 'Bend the neck to the left. No load yet: ask first.', bent(-26)),
    load('bend-left', 'Side-flexion left, pressed', 'Stay so. Let the load rise slowly.', bent(-26), { holdSeconds: 5 }),
    position('bend-right-in', 'Side-flexion right, no load yet', 'Bend the neck to the right. No load yet: ask first.', bent(26)),
    load('bend-right', 'Side-flexion right, pressed', 'Stay so. Let the load rise slowly.', bent(26), { holdSeconds: 5 }),
    position('quarter-left-in', 'Closing quarter left, no load yet', 'Extension, side-flexion and turn to the left. No load yet: ask first.', bent(-22, -38)),
    load('quarter-left', 'Closing quarter left, pressed', 'Stay so. Load slowly.', bent(-22, -38), { holdSeconds: 5 }),
    position('quarter-right-in', 'Closing quarter right, no load yet', 'Extension, side-flexion and turn to the right. No load yet: ask first.', bent(22, 38)),
    load('quarter-right', 'Closing quarter right, pressed', 'Stay so. Load slowly.', bent(22, 38), { holdSeconds: 5 }),
  ],
  doesNotCount: ['pressure on the crown', 'neck pain alone', 'pulling on the far side'],
  notWith: [{ when: 'cord-signs' }, { when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [
    { when: 'weak-bones', then: 'light grade only' },
    { when: 'irritable', then: 'stop at the first symptom' },
    { judged: 'thin people', then: 'stop at the first symptom' },
  ],
  faults: ['a jerk', 'pressing before asking', 'going on after an arm symptom'],
  reading: table({
    source: 'root-cervical',
    counts: [...ARM, ...NECK],
    lines: [
      line(familiar(ARM), 'positive', 'familiar symptom into the arm, so a root is irritated', speaksFor('root-cervical')),
      line(familiar(NECK), 'negative', 'familiar pain in the neck only, so it does not count for the root', speaksAgainst('root-cervical')),
    ],
    otherwise: otherwise('negative', 'no familiar symptom in any position', speaksAgainst('root-cervical')),
    also: [
      also(
        familiar(NECK, { stages: ['bend-{side}-in', 'bend-{side}', 'quarter-{side}-in', 'quarter-{side}'] }),
        'familiar neck pain on the loaded side',
        pointsTo('facet-cervical'),
      ),
      also(
        familiar(NECK, { stages: ['bend-{other}-in', 'bend-{other}', 'quarter-{other}-in', 'quarter-{other}'] }),
        'familiar neck pain on the stretched side',
        pointsTo('muscle-neck'),
      ),
    ],
  }),
  endsAt: { areas: ARM, since: 3 },
  shares: ['foraminal-closing'],
})
