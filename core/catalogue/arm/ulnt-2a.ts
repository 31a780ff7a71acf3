import { defineTest } from '../exam-test'
import { ARM_AND_NECK, ARM_FAULTS, ARM_PULLS, armPose, brachialTension, GIRDLE_DOWN, neckSchools, neckStages, ON_HAND } from '../reading/brachial-tension'
import { load } from '../stages'
import { on } from '../load'

const STRAIGHT = { out: 18, bend: 0, upperSeen: 1, foreSeen: 1 }
const END = { out: 58, bend: 0, upperSeen: 1, foreSeen: 1 }
const HANDS = [GIRDLE_DOWN, ON_HAND]

/** Upper limb neurodynamic test 2, median bias: from the girdle, without much abduction. */
export const ulnt2a = defineTest({
  id: 'ulnt-2a',
  name: 'Upper limb neurodynamic test 2a (median)',
  short: 'ULNT 2a',
  alsoCalled: ['Arm nerve test 2a, median', 'Arm 2a median', 'ULTT 2 median bias'],
  region: 'arm',
  plannedFor: ['arm'],
  purpose: 'Tightens the median nerve from the girdle, for shoulders that do not go out far.',
  plain: 'stretched your {side} arm with the palm up',
  structures: ['median nerve', 'brachial plexus', 'roots C5 to T1'],
  posture: 'supine',
  phase: 'nerve',
  after: 'ulnt-1',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 2,
  loads: [on('arm', 'tension', 'moderate'), on('shoulder', 'bending', 'moderate'), on('neck', 'bending', 'light'), on('upper-neck', 'movement', 'light')],
  variants: neckSchools('', '', ['girdle', 'elbow', 'turn-out', 'hand', 'abduct']),
  stages: [
    load(
      'girdle',
      'Girdle down',
      'At the head end, facing the feet. Press the {side} girdle down with the hip.',
      armPose({ out: 16, bend: 40 }, { contacts: [GIRDLE_DOWN] }),
    ),
    load('elbow', 'Straighten the elbow', 'Straighten the {side} elbow.', armPose(STRAIGHT, { contacts: HANDS })),
    load('turn-out', 'Turn the whole arm out', 'Turn the whole {side} arm outwards.', armPose(STRAIGHT, { contacts: HANDS })),
    load('hand', 'Thumb, fingers, wrist back', 'Bend thumb, fingers and wrist of the {side} hand back.', armPose(STRAIGHT, { contacts: HANDS })),
    load('abduct', 'Arm out', 'Bring the {side} arm out slowly, to about 60°.', armPose(END, { measured: 'near-shoulder', contacts: HANDS }), {
      angle: { joint: 'shoulder abduction', min: 0, max: 120, usual: [5, 90] },
    }),
    ...neckStages(END, HANDS),
  ],
  anchors: ['healthy people differ from side to side by up to about 27° at the elbow', 'a stretch in forearm and hand'],
  doesNotCount: ARM_PULLS,
  notWith: [{ when: 'fracture-neck' }, { judged: 'shoulder dislocation' }],
  careWith: [{ when: 'irritable', then: 'cradle the arm, no overpressure, once' }],
  faults: ARM_FAULTS,
  reading: brachialTension(['neck-placed'], '° of abduction'),
  endsAt: ARM_AND_NECK,
  shares: ['brachial-tension'],
})
