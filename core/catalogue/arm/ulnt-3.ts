import { defineTest } from '../exam-test'
import { ARM_AND_NECK, ARM_FAULTS, ARM_PULLS, armPose, brachialTension, GIRDLE_DOWN, neckSchools, neckStages, ON_HAND } from '../reading/brachial-tension'
import { load } from '../stages'
import { on } from '../load'

const READY = { out: 34, bend: 30, upperSeen: 1, foreSeen: 1 }
const BENT = { out: 40, bend: 118, upperSeen: 1, foreSeen: 1 }
const END = { out: 96, bend: 118, upperSeen: 1, foreSeen: 1 }
const HANDS = [GIRDLE_DOWN, ON_HAND]

/** Upper limb neurodynamic test 3, ulnar bias: the elbow is bent, not straightened. */
export const ulnt3 = defineTest({
  id: 'ulnt-3',
  name: 'Upper limb neurodynamic test 3 (ulnar)',
  short: 'ULNT 3',
  alsoCalled: ['Arm nerve test 3, ulnar', 'Arm 3 ulnar', 'ULTT 3 ulnar bias'],
  region: 'arm',
  plannedFor: ['arm'],
  purpose: 'Tightens the ulnar nerve and the roots C8 and T1.',
  plain: 'bent your {side} arm with the hand towards your ear',
  structures: ['ulnar nerve', 'brachial plexus', 'roots C8 to T1'],
  posture: 'supine',
  phase: 'nerve',
  after: 'ulnt-2b',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 90,
  provocative: 2,
  loads: [on('arm', 'tension', 'moderate'), on('shoulder', 'bending', 'moderate'), on('neck', 'bending', 'light'), on('upper-neck', 'movement', 'light')],
  variants: neckSchools('', '', ['hand', 'pronate', 'elbow', 'turn-out', 'girdle', 'abduct']),
  stages: [
    load('hand', 'Wrist and fingers back', 'Face the patient, {side} arm a little out. Bend wrist and fingers back.', armPose(READY, { contacts: [ON_HAND] })),
    load('pronate', 'Palm away', 'Turn the {side} forearm so that the palm faces away.', armPose(READY, { contacts: [ON_HAND] })),
    load('elbow', 'Bend the elbow', 'Bend the {side} elbow.', armPose(BENT, { contacts: [ON_HAND] })),
    load('turn-out', 'Turn the arm out', 'Turn the {side} arm outwards.', armPose(BENT, { contacts: [ON_HAND] })),
    load('girdle', 'Girdle down', 'Keep the {side} shoulder girdle down.', armPose(BENT, { contacts: HANDS })),
    load('abduct', 'Arm out', 'Bring the {side} arm out slowly, the hand towards the ear.', armPose(END, { measured: 'near-shoulder', contacts: HANDS }), {
      angle: { joint: 'shoulder abduction', min: 0, max: 140, usual: [20, 120] },
    }),
    ...neckStages(END, HANDS),
  ],
  anchors: ['healthy people differ from side to side; the other arm is the measure', 'a stretch in forearm and hand'],
  doesNotCount: ARM_PULLS,
  notWith: [{ when: 'fracture-neck' }, { judged: 'shoulder dislocation' }],
  careWith: [{ when: 'irritable', then: 'cradle the arm, no overpressure, once' }],
  faults: ARM_FAULTS,
  reading: brachialTension(['neck-placed'], '° of abduction'),
  endsAt: ARM_AND_NECK,
  shares: ['brachial-tension'],
})
