import { defineTest } from '../exam-test'
import { SITTING } from '../poses'
import { grid, REFLEX, SENSATION, SIGN, STRENGTH } from '../stages'
import { on } from '../load'

/** Neurological screen of one leg: strength, reflexes, touch and pin, plantar response. Feeds the level finder. */
export const neuroLower = defineTest({
  id: 'neuro-lower',
  name: 'Neurological screen, leg',
  short: 'neuro leg',
  alsoCalled: ['Myotomes, dermatomes and reflexes of the leg'],
  region: 'leg',
  plannedFor: ['thigh', 'below-knee'],
  purpose: 'Looks for a loss of strength, reflex or feeling in one root, and for cord signs.',
  structures: ['roots L1 to S2', 'spinal cord'],
  posture: 'sitting',
  phase: 'neurological',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 180,
  provocative: 0,
  loads: [on('leg', 'contraction', 'light')],
  variants: [{ id: 'short', name: 'Strength, reflexes, touch and pin, plantar response' }],
  stages: [
    grid(
      'strength',
      'Strength, 0 to 5',
      'Resist each movement of the {side} leg for 3 to 5 s and compare. S1: repeated heel raises.',
      { l2: 'L2 hip bend', l3: 'L3 knee straight', l4: 'L4 ankle up', l5: 'L5 big toe up', s1: 'S1 heel raises', s2: 'S2 knee bend' },
      [{ id: 'strength', words: 'strength', values: STRENGTH, usual: '5' }],
      { ...SITTING, near: { hip: 90, knee: 60, ankle: 0 }, contacts: [{ on: 'near-shin', along: 0.85, off: 4, from: 30, push: 215 }] },
      { ask: 'Push against me. What do you feel?' },
    ),
    grid(
      'reflexes',
      'Reflexes, 0 to 4+',
      'Tap each tendon of the relaxed {side} leg.',
      { patellar: 'knee L3–L4', hamstring: 'inner hamstring L5', achilles: 'heel S1' },
      [{ id: 'reflex', words: 'reflex', values: REFLEX, usual: '2' }],
      { ...SITTING, contacts: [{ on: 'near-shin', along: 0.06, off: 2, aside: 6, from: 20, push: 200 }] },
      { ask: 'Let the leg hang loose.', effect: 'looks' },
    ),
    grid(
      'sensation',
      'Touch and pin',
      'Touch, then pin, each area of the {side} leg. Eyes closed. Saddle by question.',
      { l1: 'L1', l2: 'L2', l3: 'L3', l4: 'L4', l5: 'L5', s1: 'S1', s2: 'S2', saddle: 'saddle S3–S5' },
      [
        { id: 'touch', words: 'touch', values: SENSATION, usual: 'normal' },
        { id: 'pin', words: 'pin', values: SENSATION, usual: 'normal', not: ['saddle'] },
      ],
      { ...SITTING, contacts: [{ on: 'near-shin', along: 0.5, off: 3, aside: 5, from: 20 }] },
      { ask: 'Say when you feel it. Is it the same on both sides?', effect: 'looks' },
    ),
    grid(
      'cord',
      'Cord signs',
      'Look for each sign once.',
      { 'plantar-up': 'plantar response up', clonus: 'clonus' },
      [{ id: 'sign', words: 'present', values: SIGN, usual: 'no' }],
      { ...SITTING, contacts: [{ on: 'near-foot', along: 0.6, off: -4, from: 320 }] },
      { ask: 'Let the foot hang loose.', effect: 'looks' },
    ),
  ],
  doesNotCount: ['weakness from pain: note it and repeat lightly'],
  notWith: [],
  careWith: [{ when: 'irritable', then: 'strength last' }],
  faults: ['no comparison with the other side', 'one heel raise only', 'reflex tested in a tense leg'],
  reading: {
    kind: 'nerves',
    source: 'root-lumbar-low',
    limb: 'leg',
    roots: {
      l2: ['root-lumbar-mid'],
      l3: ['root-lumbar-mid'],
      l4: ['root-lumbar-low', 'root-lumbar-mid'],
      l5: ['root-lumbar-low'],
      s1: ['root-lumbar-low'],
      s2: ['root-lumbar-low'],
    },
    needs: [
      { stage: 'strength', column: 'strength' },
      { stage: 'reflexes', column: 'reflex' },
      { stage: 'sensation', column: 'touch' },
    ],
  },
  shares: ['deficit'],
})
