import { ARM, NECK } from '../../vocabulary/area-sets'
import type { FrontPose, SpreadArm } from '../../vocabulary/pose'
import type { Variant, Stage } from '../exam-test'
import { close, ON_THE_BACK_FRONT } from '../poses'
import { load, putBack, release } from '../stages'
import type { StagedTension } from './reading'

/** Healthy people differ from side to side at the elbow by up to about this much; the often used 10° lies within it. */
const SIDE_LIMIT = 27

/** The neck is moved only for a symptom that reached the arm. */
const ARM_SYMPTOM: NonNullable<Stage['whenAt']> = { is: 'unless', areas: NECK }

/** What an upper limb neurodynamic test has in common: own arm symptom that changes with the neck. */
export function brachialTension(beforeLimb: readonly string[], angleInWords: string): StagedTension {
  return {
    kind: 'staged-tension',
    source: 'root-cervical',
    limb: 'arm',
    angleInWords,
    counts: ARM,
    back: NECK,
    beforeLeg: beforeLimb,
    anyNeural: [],
    sideLimit: SIDE_LIMIT,
    joint: 'last joint',
    conclusion: {
      changed: 'Cervical part: include the neck.',
      same: 'Distal: the tension arises further out than the neck, or in muscle.',
    },
    stretch: { source: 'muscle-neck', because: 'a pull only, as every arm gives at the end' },
    unchanged: { source: 'neural-peripheral', because: 'unchanged by the neck: the tension arises further out, or in muscle' },
  }
}

/** Where an own symptom ends the ladder of an arm nerve test. */
export const ARM_AND_NECK = { areas: [...ARM, ...NECK], since: 3 } as const

/** Parts of the arm and neck that may be let go, by the stages that add them. */
const PARTS = [
  // The neck can always be moved, whether or not it was bent away before: it stands first.
  { id: 'neck', words: 'neck', addedBy: [] },
  { id: 'wrist', words: 'wrist', addedBy: ['wrist', 'wrist-first', 'wrist-fingers'] },
  { id: 'elbow', words: 'elbow', addedBy: ['elbow', 'elbow-bend'] },
  { id: 'girdle', words: 'girdle', addedBy: ['girdle'] },
] as const

/** The arm on the table, the head in the middle, seen from above. */
export function armPose(arm: Partial<SpreadArm>, more: Partial<FrontPose> = {}): FrontPose {
  return { ...close(ON_THE_BACK_FRONT), stands: 'tested', nearArm: { out: 20, bend: 0, upperSeen: 1, foreSeen: 1, ...arm }, contacts: [], ...more }
}

/** The hand that keeps the shoulder girdle down. */
export const GIRDLE_DOWN = { on: 'near-shoulder', along: 0.9, off: 4, from: 190, push: 0 } as const

/** The hand along the cheek that moves the head; the face stays free. */
const BESIDE_HEAD = { on: 'head', along: 0, off: -12, from: 195 } as const

/** The hand on the patient's hand and fingers. */
export const ON_HAND = { on: 'near-hand', along: 0.5, off: 0, from: 300 } as const

/**
 * The ends of the ladder that both schools share: the neck bent away, and what is let go once the own symptom is on.
 *
 * @param end - the arm as it is when every joint has been added
 */
export function neckStages(end: SpreadArm, contacts: FrontPose['contacts']): readonly Stage[] {
  const still = (neckBend: number): FrontPose => armPose(end, { neckBend, contacts })
  return [
    load('neck-away', 'Bend the neck away', 'Keep the arm there. Ask for the head to bend away from the {side}.', still(-22)),
    load(
      'neck-placed',
      'Neck bent away first',
      'Before the arm: place the head in side-flexion away from the {side}.',
      armPose({}, { neckBend: -22, contacts: [BESIDE_HEAD] }),
    ),
    release('neck-middle', 'Neck to the middle', 'Keep the arm exactly there. Bring the head back to the middle.', still(0), {
      whenAt: ARM_SYMPTOM,
      letsGo: 'the neck',
      parts: PARTS,
    }),
    release('neck-towards', 'Neck towards the side', 'Keep the arm exactly there. Bend the head towards the {side}.', still(18), {
      whenAt: ARM_SYMPTOM,
      letsGo: 'the neck',
      parts: PARTS,
    }),
    putBack('neck-again', 'Back to where it was', 'Bring what was let go back to where it was, and no further.', still(0)),
    release('hand-go', 'Let the hand go', 'The symptom is in neck or shoulder: keep the rest, let wrist and fingers go.', still(0), {
      whenAt: { is: 'only', areas: NECK },
      letsGo: 'the hand',
      parts: PARTS.filter((p) => p.id === 'wrist' || p.id === 'elbow'),
    }),
    release('hand-release', 'Let the hand go', 'Keep the rest exactly there. Let wrist and fingers go; or the elbow.', still(0), {
      letsGo: 'the hand',
      parts: PARTS.filter((p) => p.id === 'wrist' || p.id === 'elbow'),
    }),
    load(
      'neck-passive',
      'Move the head away, passively',
      'The whole arm cradled: move the head a little away from the {side} yourself, without pressure.',
      armPose({ out: 50, bend: 40 }, { neckBend: -10, contacts: [BESIDE_HEAD] }),
    ),
  ]
}

/**
 * The two schools of the neck for one order of the arm: added last, or placed first and let go.
 *
 * @param order - stages of the arm in their order
 */
export function neckSchools(id: string, name: string, order: readonly string[]): readonly Variant[] {
  const suffix = id === '' ? '' : `-${id}`
  const words = name === '' ? '' : `, ${name}`
  return [
    { id: `arm-first${suffix}`, name: `Arm first, neck bent away last${words}`, stages: [...order, 'neck-away', 'neck-towards', 'hand-go', 'neck-again'] },
    {
      id: `neck-first${suffix}`,
      name: `Neck placed first, then let go${words}`,
      // Both schools at once: the neck of one and the order of the other.
      ...(id !== '' && { honours: ['neck-first', `arm-first${suffix}`] }),
      how: 'Patients asked to bend the neck at the end tend to turn it instead.',
      stages: ['neck-placed', ...order, 'neck-middle', 'hand-go', 'neck-again'],
    },
    {
      id: `cradled${suffix}`,
      name: `Arm cradled, the neck moved for them, once${words}`,
      grade: 'light',
      how: 'For people who are stirred up easily: the whole arm supported, no pressure added. To do it again, move the head first.',
      throughout: { says: 'The whole {side} arm lies cradled in yours.', hand: { on: 'near-forearm', along: 0.35, off: -4, from: 260 } },
      stages: ['neck-passive', ...order, 'neck-middle', 'hand-go', 'neck-again'],
    },
    {
      id: `without-neck${suffix}`,
      spares: ['neck', 'upper-neck'] as const,
      name: `Without the neck, let go at the hand${words}`,
      how: 'For a neck that must not be loaded.',
      stages: [...order, 'hand-release'],
    },
  ]
}

/** What may be felt without counting, in every upper limb neurodynamic test. */
export const ARM_PULLS = ['a stretch in forearm, hand or elbow', 'a pull equal on both sides', 'a symptom that does not change with the neck'] as const

/** Faults common to all four. */
export const ARM_FAULTS = [
  'the girdle creeping up',
  'fingers let go',
  'the patient turning the head instead of bending it',
  'going on after the familiar symptom began',
] as const
