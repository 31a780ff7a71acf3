import { defineTest } from '../exam-test'
import { ARM_AND_NECK, ARM_FAULTS, ARM_PULLS, armPose, brachialTension, GIRDLE_DOWN, neckSchools, neckStages, ON_HAND } from '../reading/brachial-tension'
import { load } from '../stages'
import { on } from '../load'

const STRAIGHT = { out: 18, bend: 0, upperSeen: 1, foreSeen: 1 }
const END = { out: 58, bend: 0, upperSeen: 1, foreSeen: 1 }
const HANDS = [GIRDLE_DOWN, ON_HAND]

/** Upper limb neurodynamic test 2, radial bias. */
export const ulnt2b = defineTest({
  id: 'ulnt-2b',
  name: 'Upper limb neurodynamic test 2b (radial)',
  short: 'ULNT 2b',
  alsoCalled: ['Arm nerve test 2b, radial', 'Arm 2b radial', 'ULTT 2 radial bias'],
  region: 'arm',
  plannedFor: ['arm'],
  purpose: 'Tightens the radial nerve and the roots C5 to C8.',
  plain: 'stretched your {side} arm with the palm turned down',
  structures: ['radial nerve', 'brachial plexus', 'roots C5 to C8'],
  posture: 'supine',
  phase: 'nerve',
  after: 'ulnt-2a',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 2,
  loads: [on('arm', 'tension', 'moderate'), on('shoulder', 'bending', 'moderate'), on('neck', 'bending', 'light'), on('upper-neck', 'movement', 'light')],
  variants: neckSchools('', '', ['girdle', 'elbow', 'turn-in', 'hand', 'abduct']),
  stages: [
    load(
      'girdle',
      'Girdle down',
      'At the head end, facing the feet. Press the {side} girdle down with the hip.',
      armPose({ out: 16, bend: 40 }, { contacts: [GIRDLE_DOWN] }),
    ),
    load('elbow', 'Straighten the elbow', 'Straighten the {side} elbow.', armPose(STRAIGHT, { contacts: HANDS })),
    load('turn-in', 'Turn the whole arm in', 'Turn the whole {side} arm inwards.', armPose(STRAIGHT, { contacts: HANDS })),
    load('hand', 'Wrist, fingers, thumb bent', 'Bend wrist, fingers and thumb of the {side} hand down.', armPose(STRAIGHT, { contacts: HANDS })),
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
