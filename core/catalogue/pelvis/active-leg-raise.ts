import { defineTest } from '../exam-test'
import { ON_THE_BACK, ON_THE_BACK_FRONT } from '../poses'
import { also, allOf, anyOf, chose, line, otherwise, pointsTo, table, unless } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'

const EFFORT = { '0': '0 none', '1': '1', '2': '2', '3': '3', '4': '4', '5': '5 unable' } as const
const HARD = ['1', '2', '3', '4', '5']
const BENT = { hip: 45, knee: 90, ankle: -5 } as const
const UP = { ...ON_THE_BACK, near: { hip: 14, knee: 0, ankle: -12 } } as const

/** Active leg raise, then the same with the pelvis pressed together: a control finding, not a source of pain. */
export const activeLegRaise = defineTest({
  id: 'active-leg-raise',
  name: 'Active straight leg raise (ASLR)',
  short: 'ASLR',
  alsoCalled: ['Active leg raise, with pelvic compression', 'Active raise', 'Active straight leg raise'],
  region: 'pelvis',
  plannedFor: [],
  purpose: 'Asks how hard it is to lift a straight leg 20 cm, and whether pressing the pelvis together makes it easier.',
  plain: 'asked you to raise your {side} leg by yourself',
  structures: ['force closure of the pelvis', 'trunk and pelvic muscles'],
  posture: 'supine',
  phase: 'control',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('leg', 'contraction', 'light'), on('pelvis', 'compression', 'light')],
  variants: [
    { id: 'legs-straight', name: 'Both legs straight, 20 cm apart' },
    {
      id: 'other-knee-bent',
      name: 'Other knee bent',
      changes: {
        effort: {
          do: 'Other knee bent, foot down. Ask for the {side} leg to lift 20 cm, knee straight. How hard, 0 to 5?',
          pose: { ...UP, far: BENT, contacts: [] },
        },
        pain: { pose: { ...UP, far: BENT, contacts: [] } },
        compressed: { do: 'Other knee bent. Press both sides of the pelvis together, or use a belt. Lift the {side} leg again.' },
      },
    },
  ],
  stages: [
    observe(
      'effort',
      'Lift 20 cm',
      'Ask for the {side} leg to lift 20 cm, knee straight. How hard is it, 0 to 5?',
      EFFORT,
      { ...UP, contacts: [] },
      { handsOff: true, ask: 'How hard is it, from 0, not at all, to 5, unable?' },
    ),
    observe(
      'pain',
      'What was felt',
      'What came with it?',
      { nothing: 'Nothing', own: 'Familiar pain', other: 'Something else' },
      { ...UP, contacts: [] },
      { handsOff: true },
    ),
    observe(
      'compressed',
      'Again, pelvis pressed',
      'Press both sides of the pelvis together, or use a belt. Lift the {side} leg again.',
      { same: 'The same', easier: 'Easier or pain-free', harder: 'Harder' },
      {
        ...ON_THE_BACK_FRONT,
        contacts: [
          { on: 'near-hip-bone', along: 0.5, off: -5, from: 280, push: 90 },
          { on: 'far-hip-bone', along: 0.5, off: 5, from: 80, push: 270 },
        ],
      },
      { ask: 'How is it now, compared with before?' },
    ),
  ],
  anchors: ['0 of 5 on each side, 0 of 10 together'],
  doesNotCount: ['tired muscles'],
  notWith: [],
  careWith: [{ when: 'pregnancy', then: 'late on, not supine for long' }],
  faults: ['knee bending', 'the score of one side only'],
  reading: table({
    source: 'sij-ligament',
    sum: { stage: 'effort', of: 10 },
    lines: [
      line(
        allOf(anyOf(chose('effort', ...HARD), chose('pain', 'own')), chose('compressed', 'easier')),
        'positive',
        'hard or painful, and easier with compression: force closure',
        pointsTo('sij-ligament'),
      ),
      line(anyOf(chose('effort', ...HARD), chose('pain', 'own')), 'inconclusive', 'hard or painful, and no easier with compression'),
    ],
    otherwise: otherwise('negative', 'no effort and no familiar pain'),
    also: [
      also(
        allOf(chose('effort', '3', '4', '5'), unless(chose('compressed', 'easier'))),
        'hard to lift whatever the pelvis does: control',
        pointsTo('muscle-back'),
      ),
    ],
  }),
  shares: [],
})
