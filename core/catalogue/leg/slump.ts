import type { SidePose } from '../../vocabulary/pose'
import { ABOVE_KNEE, BELOW_KNEE, LOW_BACK, SACROILIAC, SCIATIC_THIGH } from '../../vocabulary/area-sets'
import { ASK, defineTest, SPINE, type Variant } from '../exam-test'
import { SITTING } from '../poses'
import { on } from '../load'

const SLUMPED: Omit<SidePose, 'contacts'> = { ...SITTING, lumbar: 24, thorax: 32, neck: 2, nearArm: { shoulder: -28, elbow: 60 } }
const CHIN_DOWN: Omit<SidePose, 'contacts'> = { ...SLUMPED, neck: 46 }
const KNEE_OUT: Omit<SidePose, 'contacts'> = { ...CHIN_DOWN, near: { hip: 90, knee: 22, ankle: -10 } }

const ON_BACK = { on: 'thorax', along: 0.25, off: 11, from: 150 } as const
const ON_HEAD = { on: 'head', along: 0.6, off: 8, from: 120, push: 300 } as const
const UNDER_HEEL = { on: 'near-foot', along: 0.05, off: -3, from: 320 } as const

/** The orders of the stages that schools prefer. */
const ORDERS = {
  'neck-first': ['upright', 'chin', 'slump', 'press', 'knee', 'ankle', 'ankle-press', 'neck-go', 'neck-again'],
  'ankle-first': ['upright', 'slump', 'chin', 'press', 'ankle', 'knee', 'ankle-press', 'neck-go', 'neck-again'],
  'released-at-ankle': ['upright', 'slump', 'chin', 'press', 'knee', 'ankle', 'ankle-press', 'ankle-go', 'ankle-again'],
}
const ORDER_WORDS = { 'neck-first': 'Neck before trunk', 'ankle-first': 'Ankle before knee', 'released-at-ankle': 'Let go at the ankle' }

/**
 * Slump: neural tissue is tightened from the trunk down in steps, and let go at the neck.
 *
 * Nearly everyone feels a pull at the end; only the own symptom that changes with the neck is neural.
 */
export const slump = defineTest({
  id: 'slump',
  name: 'Slump test',
  short: 'slump',
  alsoCalled: ['Seated slump'],
  region: 'leg',
  plannedFor: SPINE,
  purpose: 'Tightens neural tissue step by step; letting the neck go parts nerve from muscle.',
  plain: 'asked you to slump in the chair and stretch out your {side} leg',
  structures: ['dura and roots', 'sciatic nerve', 'hamstrings'],
  posture: 'sitting',
  phase: 'nerve',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 2,
  loads: [on('low-back', 'bending', 'light'), on('neck', 'bending', 'moderate'), on('upper-neck', 'bending', 'light'), on('leg', 'tension', 'moderate')],
  variants: [
    {
      id: 'trunk-neck-knee-ankle',
      grade: 'full',
      name: 'Trunk, neck, knee, ankle; counts when the neck changes it',
      stages: ['upright', 'slump', 'chin', 'press', 'knee', 'ankle', 'ankle-press', 'neck-go', 'neck-again'],
    },
    {
      id: 'neck-first',
      grade: 'full',
      name: 'Neck before trunk',
      stages: ORDERS['neck-first'],
    },
    {
      id: 'ankle-first',
      grade: 'full',
      name: 'Ankle before knee',
      stages: ORDERS['ankle-first'],
    },
    {
      id: 'released-at-ankle',
      grade: 'full',
      name: 'Let go at the ankle',
      stages: ORDERS['released-at-ankle'],
    },
    {
      id: 'without-neck',
      grade: 'full',
      spares: ['neck', 'upper-neck'],
      name: 'Without the neck, let go at the ankle',
      how: 'For a neck that must not be loaded.',
      stages: ['upright', 'slump', 'knee', 'ankle', 'ankle-press', 'ankle-go', 'ankle-again'],
    },
    {
      id: 'gentle',
      name: 'Gentle: no pressure added, once',
      grade: 'light',
      how: 'For people who are stirred up easily.',
      stages: ['upright', 'slump', 'chin', 'knee', 'ankle', 'neck-go', 'neck-again'],
    },
    {
      id: 'gentle-without-neck',
      spares: ['neck', 'upper-neck'],
      name: 'Gentle and without the neck, let go at the ankle',
      grade: 'light',
      how: 'For people who are stirred up easily and whose neck must not be loaded.',
      stages: ['upright', 'slump', 'knee', 'ankle', 'ankle-go', 'ankle-again'],
    },
    ...(['neck-first', 'ankle-first', 'released-at-ankle'] as const).map(
      (order): Variant => ({
        id: `${order}-any`,
        grade: 'full',
        name: `${ORDER_WORDS[order]}; any tingling, numbness, burning or shooting counts`,
        how: 'Cannot part nerve from muscle.',
        honours: [order, 'any-symptom'],
        stages: ORDERS[order],
      }),
    ),
    {
      id: 'any-symptom',
      grade: 'full',
      name: 'Any tingling, numbness, burning or shooting counts',
      how: 'Cannot part nerve from muscle.',
      stages: ['upright', 'slump', 'chin', 'press', 'knee', 'ankle', 'ankle-press', 'neck-go', 'neck-again'],
    },
  ],
  stages: [
    {
      id: 'upright',
      kind: 'load',
      baseline: { since: 3 },
      label: 'Sit upright',
      do: 'Thighs supported, hands relaxed behind the back, sitting upright.',
      ask: 'What do you feel now, before we begin? Anything new?',
      holdSeconds: 0,
      pose: { ...SITTING, contacts: [{ on: 'thorax', along: 0.2, off: 0, from: 170 }] },
    },
    {
      id: 'slump',
      kind: 'load',
      label: 'Slump the back',
      do: 'Round the whole back; the pelvis does not rock backward.',
      ask: ASK,
      holdSeconds: 0,
      pose: { ...SLUMPED, contacts: [ON_BACK] },
    },
    {
      id: 'chin',
      kind: 'load',
      label: 'Chin to chest',
      do: 'Bring the chin to the chest.',
      ask: ASK,
      holdSeconds: 0,
      pose: { ...CHIN_DOWN, contacts: [ON_BACK] },
    },
    {
      id: 'press',
      kind: 'load',
      label: 'Light pressure, kept',
      do: 'Press lightly on the back of the head and the upper back, and keep it.',
      ask: ASK,
      holdSeconds: 0,
      pose: { ...CHIN_DOWN, contacts: [ON_BACK, ON_HEAD] },
    },
    {
      id: 'knee',
      kind: 'load',
      label: 'Straighten the knee',
      do: 'Straighten the {side} knee slowly.',
      ask: ASK,
      holdSeconds: 0,
      angle: { joint: 'knee, degrees short of straight', min: 0, max: 90, rest: 90, freer: 'less', usual: [0, 60] },
      pose: { ...KNEE_OUT, measured: 'near-knee', contacts: [ON_HEAD, UNDER_HEEL] },
    },
    {
      id: 'ankle',
      kind: 'load',
      label: 'Bend the ankle up',
      do: 'Keep the {side} knee there and bend the ankle up.',
      ask: ASK,
      holdSeconds: 0,
      pose: { ...KNEE_OUT, near: { hip: 90, knee: 22, ankle: 12 }, contacts: [ON_HEAD, { on: 'near-foot', along: 0.7, off: -3, from: 350, push: 120 }] },
    },
    {
      id: 'ankle-press',
      kind: 'load',
      label: 'Light pressure at the ankle',
      do: 'Press the {side} ankle up lightly.',
      ask: ASK,
      holdSeconds: 0,
      pose: { ...KNEE_OUT, near: { hip: 90, knee: 22, ankle: 18 }, contacts: [ON_HEAD, { on: 'near-foot', along: 0.8, off: -3, from: 350, push: 130 }] },
    },
    {
      id: 'neck-go',
      kind: 'release',
      label: 'Let one part go',
      do: 'Keep everything else exactly there. Let the neck go: look ahead, then up. Another part may be let go instead.',
      letsGo: 'the neck',
      parts: [
        { id: 'neck', words: 'neck', addedBy: ['chin'] },
        { id: 'ankle', words: 'ankle', addedBy: ['ankle', 'ankle-press'] },
        { id: 'knee', words: 'knee', addedBy: ['knee'] },
        { id: 'trunk', words: 'trunk', addedBy: ['slump'] },
      ],
      ask: 'What happens to it now?',
      holdSeconds: 0,
      pose: { ...KNEE_OUT, neck: -14, contacts: [ON_BACK, UNDER_HEEL] },
    },
    {
      id: 'neck-again',
      kind: 'return',
      label: 'Back to where it was',
      do: 'Bring what was let go back to where it was, and no further.',
      ask: 'What do you feel now? Where?',
      holdSeconds: 0,
      ifEased: true,
      pose: { ...KNEE_OUT, contacts: [ON_HEAD, UNDER_HEEL] },
    },
    {
      id: 'ankle-go',
      kind: 'release',
      label: 'Let the ankle go',
      letsGo: 'the ankle',
      do: 'Keep back and knee exactly there. Let the {side} ankle go.',
      ask: 'What happens to it now?',
      holdSeconds: 0,
      pose: { ...KNEE_OUT, near: { hip: 90, knee: 22, ankle: -32 }, contacts: [ON_BACK, UNDER_HEEL] },
    },
    {
      id: 'ankle-again',
      kind: 'return',
      label: 'Ankle up again',
      do: 'Bend the {side} ankle up again.',
      ask: 'What do you feel now? Where?',
      holdSeconds: 0,
      ifEased: true,
      pose: { ...KNEE_OUT, near: { hip: 90, knee: 22, ankle: 12 }, contacts: [ON_BACK, { on: 'near-foot', along: 0.7, off: -3, from: 350, push: 120 }] },
    },
  ],
  anchors: ['nearly everyone feels tension at the last stages', 'healthy knees may differ by about 22° (unverified)'],
  doesNotCount: ['a pull behind the thigh or knee, equal on both sides', 'tension that does not change with the neck', 'the other leg'],
  notWith: [
    { when: 'upper-neck-laxity', unlessSpared: 'neck' },
    { when: 'cord-signs', unlessSpared: 'neck' },
  ],
  careWith: [{ when: 'irritable', then: 'stop at the first sign' }],
  faults: ['pelvis rocking back', 'trunk lifting with the head', 'going on after the familiar symptom began', 'asking “is it better?”'],
  reading: {
    kind: 'staged-tension',
    source: 'root-lumbar-low',
    limb: 'leg',
    angleInWords: '° short of straight',
    counts: [...BELOW_KNEE, ...SCIATIC_THIGH],
    back: ['low-back', 'mid-back', 'sacroiliac', 'buttock', 'outer-hip'],
    beforeLeg: ['upright', 'slump', 'chin', 'press'],
    anyNeural: ['any-symptom', 'neck-first-any', 'ankle-first-any', 'released-at-ankle-any'],
    sideLimit: 22,
    joint: 'knee',
    confirmedBy: ['leg-raise', 'side-lying-leg-raise'],
    stretch: { source: 'hamstring', because: 'a pull behind the thigh and nothing familiar' },
  },
  endsAt: { areas: [...BELOW_KNEE, ...ABOVE_KNEE, ...LOW_BACK, ...SACROILIAC], since: 3 },
  shares: ['sciatic-tension'],
})
