import { ABOVE_KNEE, BELOW_KNEE, LOW_BACK, SACROILIAC, SCIATIC_THIGH } from '../../vocabulary/area-sets'
import { ASK, defineTest, LOWER } from '../exam-test'
import { SITTING } from '../poses'
import { on } from '../load'

/**
 * Seated leg raise: the same movement as the straight leg raise, upright and without drawing attention to it.
 *
 * The angle is that of the hip: 90° less what the knee is short of straight, with the trunk upright.
 */
export const seatedLegRaise = defineTest({
  id: 'seated-leg-raise',
  name: 'Seated straight leg raise',
  short: 'seated SLR',
  alsoCalled: ['Seated leg raise', 'Seated raise', 'Sitting knee extension'],
  region: 'leg',
  plannedFor: LOWER,
  purpose: 'Tightens the sciatic nerve upright; leaning away and the angle are compared with lying.',
  plain: 'stretched out your {side} leg while you sat',
  structures: ['roots L4 to S1', 'sciatic nerve', 'lumbar discs', 'hamstrings'],
  posture: 'sitting',
  phase: 'nerve',
  after: 'slump',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 1,
  loads: [on('leg', 'tension', 'moderate'), on('hip', 'bending', 'light')],
  variants: [{ id: 'fold-then-ankle', name: 'Knee, then trunk folded, then ankle' }],
  stages: [
    {
      id: 'knee',
      kind: 'load',
      label: 'Straighten the knee',
      do: 'Trunk upright. Straighten the {side} knee slowly and watch whether they lean back.',
      ask: ASK,
      holdSeconds: 0,
      leanWatched: true,
      angle: { joint: 'hip angle sitting (90 less what the knee is short of straight)', min: 0, max: 95, usual: [20, 90] },
      pose: {
        ...SITTING,
        near: { hip: 92, knee: 8, ankle: 0 },
        contacts: [
          { on: 'near-thigh', along: 0.8, off: 7, from: 80 },
          { on: 'near-foot', along: 0.1, off: -3, from: 320, push: 80 },
        ],
      },
    },
    {
      id: 'fold',
      kind: 'load',
      label: 'Fold the trunk',
      do: 'Keep the {side} knee straight and let the trunk curl forward.',
      ask: ASK,
      holdSeconds: 0,
      leanWatched: true,
      pose: {
        ...SITTING,
        lumbar: 20,
        thorax: 26,
        neck: 14,
        near: { hip: 92, knee: 8, ankle: 0 },
        contacts: [
          { on: 'thorax', along: 0.25, off: 11, from: 150 },
          { on: 'near-foot', along: 0.1, off: -3, from: 320 },
        ],
      },
    },
    {
      id: 'ankle',
      kind: 'load',
      label: 'Bend the ankle up',
      do: 'Stay folded and bend the {side} ankle up.',
      ask: ASK,
      holdSeconds: 0,
      leanWatched: true,
      pose: {
        ...SITTING,
        lumbar: 20,
        thorax: 26,
        neck: 14,
        near: { hip: 92, knee: 8, ankle: 16 },
        contacts: [
          { on: 'near-thigh', along: 0.8, off: 7, from: 80 },
          { on: 'near-foot', along: 0.7, off: -3, from: 350, push: 120 },
        ],
      },
    },
  ],
  anchors: ['near 90° at the hip without complaint', 'seated and supine agree within 30°'],
  doesNotCount: ['a pull behind the thigh or knee', 'low-back pain alone', 'the other leg'],
  notWith: [],
  careWith: [{ when: 'irritable' }],
  faults: ['trunk not upright at the start', 'the lean not watched', 'telling the patient what is compared'],
  reading: {
    kind: 'tension',
    source: 'root-lumbar-low',
    counts: BELOW_KNEE,
    countsWhenShooting: SCIATIC_THIGH,
    usualOnset: [30, 90],
    pointers: [],
    lean: [
      {
        at: ['calf', 'heel', 'shin-outer', 'shin-inner', 'foot-top', 'thigh-back'],
        source: 'disc-annulus',
        because: 'leaned back with leg pain: disc with the root involved',
      },
      { at: ['low-back'], source: 'disc-annulus', because: 'leaned back with back pain' },
    ],
    quiet: [{ source: 'disc-annulus', direction: 'against', because: 'nothing even when folded' }],
    stretch: { source: 'hamstring', because: 'a pull behind the thigh and nothing familiar' },
    agreesWith: { test: 'leg-raise', within: 30, quietFrom: 85 },
  },
  endsAt: { areas: [...BELOW_KNEE, ...ABOVE_KNEE, ...LOW_BACK, ...SACROILIAC], since: 3 },
  shares: ['sciatic-tension'],
})
