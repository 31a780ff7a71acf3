import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { grid, REFLEX, SENSATION, SIGN, STRENGTH } from '../stages'
import { on } from '../load'

const ARM_OUT = { out: 40, bend: 60, upperSeen: 1, foreSeen: 1 } as const

/** Neurological screen of one arm: strength, reflexes, touch and pin, and the cord signs. Feeds the level finder. */
export const neuroUpper = defineTest({
  id: 'neuro-upper',
  name: 'Neurological screen, arm',
  short: 'neuro arm',
  alsoCalled: ['Myotomes, dermatomes and reflexes of the arm'],
  region: 'arm',
  plannedFor: ['neck', 'arm'],
  purpose: 'Looks for a loss of strength, reflex or feeling in one root, and for cord signs.',
  structures: ['roots C4 to T1', 'spinal cord'],
  posture: 'sitting',
  phase: 'neurological',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 180,
  provocative: 0,
  loads: [on('arm', 'contraction', 'light')],
  variants: [{ id: 'short', name: 'Strength, reflexes, touch and pin, cord signs' }],
  stages: [
    grid(
      'strength',
      'Strength, 0 to 5',
      'Resist each movement of the {side} arm for 3 to 5 s and compare.',
      {
        c4: 'C4 shrug',
        c5: 'C5 shoulder out',
        c6: 'C6 elbow bend, wrist up',
        c7: 'C7 elbow straight, wrist down',
        c8: 'C8 thumb up, finger bend',
        t1: 'T1 fingers spread',
      },
      [{ id: 'strength', words: 'strength', values: STRENGTH, usual: '5' }],
      { ...close(SITTING_FRONT), nearArm: ARM_OUT, contacts: [{ on: 'near-forearm', along: 0.7, off: 4, from: 120, push: 250 }] },
      { ask: 'Push against me. What do you feel?' },
    ),
    grid(
      'reflexes',
      'Reflexes, 0 to 4+',
      'Tap each tendon of the relaxed {side} arm.',
      { biceps: 'biceps C5–C6', brachioradialis: 'brachioradialis C6', triceps: 'triceps C7' },
      [{ id: 'reflex', words: 'reflex', values: REFLEX, usual: '2' }],
      { ...close(SITTING_FRONT), nearArm: ARM_OUT, contacts: [{ on: 'near-upper-arm', along: 0.85, off: 3, from: 130, push: 290 }] },
      { ask: 'Let the arm hang loose.', effect: 'looks' },
    ),
    grid(
      'sensation',
      'Touch and pin',
      'Touch, then pin, each area of the {side} arm. Eyes closed.',
      { c3: 'C3', c4: 'C4', c5: 'C5', c6: 'C6', c7: 'C7', c8: 'C8', t1: 'T1', t2: 'T2' },
      [
        { id: 'touch', words: 'touch', values: SENSATION, usual: 'normal' },
        { id: 'pin', words: 'pin', values: SENSATION, usual: 'normal' },
      ],
      { ...close(SITTING_FRONT), nearArm: { out: 30, bend: 10, upperSeen: 1, foreSeen: 1 }, contacts: [{ on: 'near-forearm', along: 0.5, off: 3, from: 140 }] },
      { ask: 'Say when you feel it. Is it the same on both sides?', effect: 'looks' },
    ),
    grid(
      'cord',
      'Cord signs',
      'Look for each cord sign once.',
      {
        'finger-flick': 'finger flick',
        'inverted-brachioradialis': 'inverted brachioradialis',
        'plantar-up': 'plantar response up',
        clonus: 'clonus',
        gait: 'gait unsteady',
        clumsy: 'hands clumsy',
      },
      [{ id: 'sign', words: 'present', values: SIGN, usual: 'no' }],
      { ...close(SITTING_FRONT), nearArm: ARM_OUT, contacts: [{ on: 'near-hand', along: 0.4, off: 2, from: 110 }] },
      { ask: 'Let the hand hang loose.', effect: 'looks' },
    ),
  ],
  doesNotCount: ['weakness from pain: note it and repeat lightly'],
  notWith: [],
  careWith: [{ when: 'irritable', then: 'strength last' }],
  faults: ['no comparison with the other side', 'leading the answer', 'reflex tested in a tense arm'],
  reading: {
    kind: 'nerves',
    source: 'root-cervical',
    limb: 'arm',
    roots: { c5: ['root-cervical'], c6: ['root-cervical'], c7: ['root-cervical'], c8: ['root-cervical'], t1: ['root-cervical'], c4: ['root-cervical'] },
    needs: [
      { stage: 'strength', column: 'strength' },
      { stage: 'reflexes', column: 'reflex' },
      { stage: 'sensation', column: 'touch' },
    ],
  },
  shares: ['deficit'],
})
