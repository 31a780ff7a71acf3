import { ASK, defineTest, LOWER } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { GROIN_IS_HIP, pelvicProvocation, pelvicStages, pelvicVariants, MODERATE } from '../reading/pelvic-provocation'
import { on } from '../load'

/**
 * Gaenslen: the two halves of the pelvis are turned against each other.
 *
 * The side's name is that of the lowered leg. Right and left are separate results.
 */
export const gaenslen = defineTest({
  id: 'gaenslen',
  name: 'Gaenslen test',
  short: 'Gaenslen',
  alsoCalled: ['Pelvic torsion test'],
  region: 'pelvis',
  plannedFor: LOWER,
  purpose: 'Turns the two hip bones against each other, one leg bent up and the other lowered over the edge.',
  plain: 'let your {side} leg hang over the edge of the bed',
  structures: ['sacroiliac joints', 'hip joints', 'L5–S1'],
  posture: 'supine',
  phase: 'loading',
  after: 'thigh-thrust',
  sides: 'each',
  plan: 'painful-side',
  seconds: 40,
  provocative: 2,
  loads: [on('pelvis', 'rotation', 'strong'), on('hip', 'bending', 'strong'), on('low-back', 'bending', 'moderate'), on('leg', 'movement', 'light')],
  variants: pelvicVariants('15 kg', { id: 'table-edge', name: 'At the edge of the table, lowered leg named' }),
  stages: pelvicStages(
    {
      id: 'press',
      kind: 'load',
      label: 'Press both apart',
      do: '{other} knee held to the chest, {side} leg over the edge. Press both gently apart.',
      ask: ASK,
      holdSeconds: 5,
      pose: {
        ...ON_THE_BACK,
        support: 'table-end',
        near: { hip: -18, knee: 42, ankle: -12 },
        far: { hip: 118, knee: 128, ankle: -5 },
        nearArm: { shoulder: 72, elbow: 4 },
        contacts: [
          { on: 'near-thigh', along: 0.74, off: 7, from: 62, push: 262 },
          { on: 'far-shin', along: 0.06, off: 6, from: 55, push: 205 },
        ],
      },
    },
    MODERATE,
  ),
  doesNotCount: ['a pull at the front of the lowered thigh', 'hip or knee discomfort', 'pain above L5'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }],
  careWith: [{ judged: 'hip pathology' }, { when: 'irritable' }],
  faults: ['reading it as a muscle length test', 'naming the side after the bent leg'],
  reading: pelvicProvocation([GROIN_IS_HIP], {
    source: 'hip-flexor',
    because: 'only a pull at the front of the lowered thigh',
  }),
  shares: ['pelvic-provocation'],
  loadsBoth: true,
})
