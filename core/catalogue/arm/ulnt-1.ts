import { defineTest } from '../exam-test'
import { ARM_AND_NECK, ARM_FAULTS, ARM_PULLS, armPose, brachialTension, GIRDLE_DOWN, neckSchools, neckStages, ON_HAND } from '../reading/brachial-tension'
import { load } from '../stages'
import { on } from '../load'

const OUT = { out: 92, bend: 84, upperSeen: 1, foreSeen: 0.9 }
const END = { out: 92, bend: 12, upperSeen: 1, foreSeen: 1 }
const HANDS = [GIRDLE_DOWN, ON_HAND]

/** Upper limb neurodynamic test 1: the median nerve and roots C5 to C7, joint by joint. */
export const ulnt1 = defineTest({
  id: 'ulnt-1',
  name: 'Upper limb neurodynamic test 1 (median)',
  short: 'ULNT 1',
  alsoCalled: ['Arm nerve test 1, median', 'Arm 1 median', 'ULTT 1', 'Upper limb tension test', 'Brachial plexus tension'],
  region: 'arm',
  plannedFor: ['arm'],
  purpose: 'Tightens the median nerve and the roots C5 to C7 joint by joint; the neck parts root from the rest.',
  plain: 'stretched out your {side} arm with the hand bent back',
  structures: ['median nerve', 'brachial plexus', 'roots C5 to C7'],
  posture: 'supine',
  phase: 'nerve',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 2,
  loads: [on('arm', 'tension', 'moderate'), on('shoulder', 'bending', 'moderate'), on('neck', 'bending', 'light'), on('upper-neck', 'movement', 'light')],
  variants: [
    ...neckSchools('', 'elbow before wrist', ['girdle', 'abduct', 'turn-out', 'elbow', 'wrist']),
    ...neckSchools('elbow-last', 'elbow last', ['girdle', 'abduct', 'supinate', 'wrist-first', 'turn-out', 'elbow']),
  ],
  stages: [
    load(
      'girdle',
      'Girdle down',
      'Face the patient. Keep the {side} shoulder girdle down with the hand or hip.',
      armPose({ out: 30, bend: 40 }, { contacts: [GIRDLE_DOWN] }),
    ),
    load('abduct', 'Arm out to 90–100°', 'Bring the {side} arm out to 90 to 100°, elbow bent, on your thigh.', armPose(OUT, { contacts: HANDS })),
    load('turn-out', 'Turn the arm out', 'Turn the {side} arm outwards.', armPose({ ...OUT, foreSeen: 1 }, { contacts: HANDS })),
    load('supinate', 'Palm up', 'Turn the {side} palm up.', armPose(OUT, { contacts: HANDS })),
    load('wrist-first', 'Wrist and fingers back', 'Bend wrist, thumb and all fingers of the {side} hand back.', armPose(OUT, { contacts: HANDS })),
    load('elbow', 'Straighten the elbow', 'Straighten the {side} elbow slowly.', armPose(END, { measured: 'near-elbow', contacts: HANDS }), {
      angle: { joint: 'elbow, degrees short of straight', min: 0, max: 140, rest: 90, freer: 'less', usual: [0, 90] },
    }),
    load('wrist', 'Wrist and fingers back', 'Bend wrist, thumb and all fingers of the {side} hand back, kept straight.', armPose(END, { contacts: HANDS })),
    ...neckStages(END, HANDS),
  ],
  anchors: ['healthy people differ from side to side by up to about 27° at the elbow', 'a stretch in forearm and hand'],
  doesNotCount: ARM_PULLS,
  notWith: [{ when: 'fracture-neck' }, { judged: 'shoulder dislocation' }],
  careWith: [{ when: 'irritable', then: 'cradle the arm, no overpressure, once' }],
  faults: ARM_FAULTS,
  reading: brachialTension(['neck-placed'], '° short of straight'),
  endsAt: ARM_AND_NECK,
  shares: ['brachial-tension'],
})
