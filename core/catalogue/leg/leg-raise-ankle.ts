import { defineTest, LOWER } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { on } from '../load'

/**
 * Leg raise with ankle differentiation: the leg stays where the symptom began and only the ankle moves.
 *
 * Eased by letting the ankle go, back on bending it up: nerve. Neither: hamstring or joint.
 */
export const legRaiseAnkle = defineTest({
  id: 'leg-raise-ankle',
  name: 'Straight leg raise with ankle differentiation (Bragard)',
  short: 'Bragard',
  alsoCalled: ['Leg raise, ankle moved', 'Ankle', 'Ankle differentiation'],
  region: 'leg',
  plannedFor: LOWER,
  purpose: 'Moves only the ankle while the leg stays up, to part nerve from muscle.',
  plain: 'raised your straight {side} leg and bent the foot up',
  structures: ['roots L4 to S1', 'sciatic and tibial nerve'],
  posture: 'supine',
  phase: 'nerve',
  after: 'leg-raise',
  sides: 'each',
  plan: 'better-side-first',
  follows: 'leg-raise',
  seconds: 30,
  provocative: 1,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'light'), on('neck', 'bending', 'light'), on('upper-neck', 'bending', 'light')],
  variants: [
    { id: 'release-then-lower', name: 'Ankle let go, leg lowered, ankle bent up', spares: ['neck', 'upper-neck'], stages: ['let-go', 'bend-up'] },
    { id: 'with-neck', name: 'The same, then the chin to the chest', grade: 'sensitised', stages: ['let-go', 'bend-up', 'chin'] },
  ],
  stages: [
    {
      id: 'let-go',
      kind: 'release',
      label: 'Let the ankle go',
      do: 'Keep the {side} leg exactly there. Point the foot down.',
      ask: 'What happens to it now?',
      holdSeconds: 0,
      pose: {
        ...ON_THE_BACK,
        near: { hip: 48, knee: 0, ankle: -38 },
        contacts: [
          { on: 'near-thigh', along: 0.93, off: 8, from: 78 },
          { on: 'near-foot', along: 0.6, off: 4, from: 60, push: 350 },
        ],
      },
    },
    {
      id: 'bend-up',
      kind: 'return',
      label: 'Lower 5°, bend the ankle up',
      do: 'Lower the {side} leg 5° until it fades, then bend the ankle up.',
      ask: 'What do you feel now? Where?',
      holdSeconds: 0,
      pose: {
        ...ON_THE_BACK,
        near: { hip: 42, knee: 0, ankle: 18 },
        contacts: [
          { on: 'near-thigh', along: 0.93, off: 8, from: 78 },
          { on: 'near-foot', along: 0.55, off: -4, from: 330, push: 165 },
        ],
      },
    },
    {
      id: 'chin',
      kind: 'observe',
      label: 'Chin to chest as well',
      do: 'Keep leg and ankle there. Ask for the chin to the chest, or lift the head yourself.',
      ask: 'What happens to it now?',
      holdSeconds: 0,
      choices: [
        { id: 'same', words: 'The same' },
        { id: 'more', words: 'More of it' },
        { id: 'less', words: 'Less of it' },
      ],
      pose: {
        ...ON_THE_BACK,
        neck: 34,
        near: { hip: 42, knee: 0, ankle: 18 },
        contacts: [
          { on: 'near-foot', along: 0.55, off: -4, from: 330 },
          { on: 'head', along: 0.6, off: -8, from: 300, push: 100 },
        ],
      },
    },
  ],
  doesNotCount: ['a calf stretch', 'a symptom that changes because the hip moved'],
  notWith: [],
  careWith: [{ judged: 'an ankle that does not move freely' }],
  faults: ['hip or knee moves with the ankle', 'asking “is it better?”'],
  reading: {
    kind: 'differentiation',
    source: 'root-lumbar-low',
    otherwise: { source: 'hamstring', because: 'moving the ankle changed nothing' },
  },
  shares: ['sciatic-tension'],
})
