import { defineTest } from '../exam-test'
import { ON_THE_SIDE } from '../poses'
import { also, allOf, anyOf, chose, line, otherwise, pointsTo, speaksFor, table } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'

const OWN = { nothing: 'Nothing', own: 'Familiar pain', other: 'Other pain', less: 'Familiar pain, clearly less' } as const
const ANGLES = ['at-60', 'at-90', 'at-full'] as const
const FREE = ['nothing', 'less'] as const
// From the front: one hand reaches over to the back, the thighs lie against the examiner’s hip.
const HANDS = [
  { on: 'lumbar', along: 0.7, off: -8, from: 78, says: 'hold above, feel' },
  { on: 'near-thigh', along: 0.95, off: 3, from: 55, push: 200 },
] as const
const at = (hip: number) => ({
  ...ON_THE_SIDE,
  stands: 'other' as const,
  near: { hip, knee: 90, ankle: -5 },
  far: { hip: hip - 6, knee: 86, ankle: -5 },
  contacts: HANDS,
})

/** Segmental shear on the side, at three hip angles and then with the deep muscles on. What is felt moving is not counted. */
export const sideLyingShear = defineTest({
  id: 'side-lying-shear',
  name: 'Segmental anterior shear, side-lying',
  short: 'shear',
  alsoCalled: ['Side-lying segment shear', 'Segment shear', 'Lumbar shear test'],
  region: 'back',
  plannedFor: [],
  purpose: 'Shears one level back through the thighs; asks what the hip angle and the deep muscles do to the familiar pain.',
  plain: 'pushed along your thighs while you lay on your side',
  structures: ['lumbar segment', 'posterior ligaments', 'deep trunk muscles'],
  posture: 'side-lying',
  phase: 'loading',
  after: 'sij-compression',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 120,
  provocative: 2,
  loads: [on('low-back', 'shear', 'strong')],
  variants: [{ id: 'three-angles', name: 'Hips at 60, 90 and full, then muscles on' }],
  stages: [
    observe('level', 'Which level', 'Take the level where bending back creased and hurt.', { l3: 'L3', l4: 'L4', l5: 'L5', s1: 'S1' }, at(60)),
    observe('at-60', 'Hips at 60°', 'Hold the process above, finger in the space. Push gently through the thighs.', OWN, at(60), {
      ask: 'What do you feel? Is it like bending back?',
    }),
    observe('at-90', 'Hips at 90°', 'The same with the hips at 90°.', OWN, at(90), { ask: 'What do you feel? Is it like bending back?' }),
    observe('at-full', 'Hips fully bent', 'The same with the hips fully bent.', OWN, at(118), { ask: 'What do you feel? Is it like bending back?' }),
    observe(
      'muscles',
      'Deep muscles on',
      'At the sore angle: “tighten as if holding on”, then push again.',
      { same: 'The same', less: 'Clearly less', gone: 'Gone' },
      at(60),
      { ask: 'What happens to it now?', whenAny: { of: ANGLES.map((stage) => ({ stage, chose: ['own'] })), since: 3 } },
    ),
    observe(
      'moved',
      'Felt moving (optional)',
      'Judging 3 to 4 mm by hand is unreliable: record it, it does not count.',
      { no: 'No', yes: 'Yes', unsure: 'Not sure' },
      at(60),
    ),
  ],
  doesNotCount: ['what is felt moving', 'pain that is not like bending back'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ when: 'pregnancy', then: 'bump supported' }],
  faults: ['too much force', 'the pelvis rolling'],
  reading: table({
    source: 'instability-lumbar',
    lines: [
      line(
        allOf(anyOf(...ANGLES.map((a) => chose(a, 'own'))), anyOf(...ANGLES.map((a) => chose(a, ...FREE)), chose('muscles', 'gone', 'less'))),
        'positive',
        'familiar pain that another hip angle or the muscles take away',
        speaksFor('instability-lumbar'),
      ),
      line(anyOf(...ANGLES.map((a) => chose(a, 'own'))), 'inconclusive', 'familiar pain that nothing changes: no modifier found'),
    ],
    otherwise: otherwise('negative', 'no familiar pain on shearing'),
    also: [
      also(
        allOf(chose('at-60', 'own'), anyOf(chose('at-90', ...FREE), chose('at-full', ...FREE))),
        'eases with the hips bent: the posterior ligaments hold there',
        pointsTo('instability-lumbar'),
      ),
      also(chose('muscles', 'gone', 'less'), 'eases with the deep muscles on: a stabilising programme is likely to help', pointsTo('instability-lumbar')),
    ],
  }),
  shares: ['segment-instability'],
})
