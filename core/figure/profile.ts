import type { Degrees } from '../vocabulary/degrees'
import type { ArmPose, LegPose, SidePose } from '../vocabulary/pose'
import { BUILD } from './build'
import type { Body, Bone, Limb } from './figure'
import { go, type Point } from './geometry'
import { armChain, PROFILE, stations } from './stations'

/** Direction from head to feet at rest, and which turn is towards the front of the body. */
const LIES: Record<SidePose['lies'], { readonly caudal: Degrees; readonly front: 1 | -1 }> = {
  'face-up': { caudal: 0, front: 1 },
  'face-down': { caudal: 0, front: -1 },
  upright: { caudal: 270, front: 1 },
}

/**
 * The body in profile: each segment is carried by the one before it, from the pelvis up and down.
 *
 * @param angle - replaces the measured joint's own angle, in degrees
 */
export function profileBody(pose: SidePose, angle?: Degrees): Body {
  return builtFrom(withAngle(pose, angle))
}

function builtFrom(pose: SidePose): Body {
  const { caudal, front } = LIES[pose.lies]
  const hip: Point = { x: 0, y: 0 }
  const cranial = caudal + 180
  const pelvisTop = go(hip, cranial, BUILD.pelvis.length)
  const lumbarDir = cranial - front * pose.lumbar
  const lumbarTop = go(pelvisTop, lumbarDir, BUILD.lumbar.length)
  const thoraxDir = lumbarDir - front * pose.thorax
  const thoraxTop = go(lumbarTop, thoraxDir, BUILD.thorax.length)
  const neckDir = thoraxDir - front * pose.neck
  const neckTop = go(thoraxTop, neckDir, BUILD.neck.length)
  const headAt = go(neckTop, neckDir, BUILD.head.half * 0.8)
  const shoulder = go(lumbarTop, thoraxDir, BUILD.thorax.length * 0.86)
  const trunkCaudal = thoraxDir + 180

  const nearLeg = leg('near', hip, caudal, front, pose.near)
  const farLeg = leg('far', hip, caudal, front, pose.far)
  const nearArm = arm('near', shoulder, trunkCaudal, front, pose.nearArm)
  const farArm = arm('far', shoulder, trunkCaudal, front, pose.farArm)
  // The front of the trunk, a quarter turn from the way it goes up.
  const belly = (dir: Degrees) => dir - front * 90
  const trunk: Limb = {
    id: 'trunk',
    layer: 'near',
    chain: [
      ...stations(hip, cranial, BUILD.pelvis.length, belly(cranial), [
        { along: -0.35, half: 8.2, ahead: -2 },
        { along: 0.05, half: 10.9, ahead: -1.5 },
        { along: 0.55, half: 10.3, ahead: -1 },
      ]),
      ...stations(pelvisTop, lumbarDir, BUILD.lumbar.length, belly(lumbarDir), [
        { along: 0.05, half: 9.3, ahead: 0.2 },
        { along: 0.55, half: 8.9, ahead: 0.7 },
      ]),
      ...stations(lumbarTop, thoraxDir, BUILD.thorax.length, belly(thoraxDir), [
        { along: 0.05, half: 9.7, ahead: 0.4 },
        { along: 0.4, half: 11, ahead: 0.3 },
        { along: 0.7, half: 11, ahead: -0.2 },
        { along: 0.9, half: 8.6, ahead: -1 },
        { along: 1, half: 6.2, ahead: -0.8 },
      ]),
    ],
  }
  const neck: Limb = {
    id: 'neck',
    layer: 'near',
    chain: [
      ...stations(lumbarTop, thoraxDir, BUILD.thorax.length, belly(thoraxDir), [{ along: 0.88, half: 7.2, ahead: -1.2 }]),
      ...stations(thoraxTop, neckDir, BUILD.neck.length, belly(neckDir), [
        { along: 0.35, half: 5.4, ahead: -0.4 },
        { along: 1.1, half: 5.2, ahead: -1 },
      ]),
    ],
  }
  return {
    head: { at: headAt, half: BUILD.head.half, faces: neckDir - front * 90, chin: front === 1 ? -1 : 1, seen: 'profile', crown: neckDir, turn: 0 },
    limbs: [...farLeg.limbs, ...farArm.limbs, trunk, neck, ...nearLeg.limbs, ...nearArm.limbs],
    bones: {
      head: { from: neckTop, to: headAt },
      neck: { from: thoraxTop, to: neckTop },
      thorax: { from: thoraxTop, to: lumbarTop },
      lumbar: { from: lumbarTop, to: pelvisTop },
      pelvis: { from: pelvisTop, to: hip },
      'near-shoulder': { from: neckTop, to: shoulder },
      'near-upper-arm': nearArm.upper,
      'near-forearm': nearArm.fore,
      'near-hand': nearArm.hand,
      'far-forearm': farArm.fore,
      'near-thigh': nearLeg.thigh,
      'near-shin': nearLeg.shin,
      'near-foot': nearLeg.foot,
      'far-thigh': farLeg.thigh,
      'far-shin': farLeg.shin,
    },
    support: supportOf(pose, hip, headAt, nearLeg, farLeg),
    joint: jointOf(pose, caudal, front, nearLeg, { neck: { at: thoraxTop, zero: thoraxDir }, trunk: { at: pelvisTop, zero: cranial } }),
  }
}

/** Share of a bend of the whole trunk that the low back does; the chest does the rest. */
const LOW_BACK_SHARE = 0.6

/** The pose with the measured joint at this angle. */
function withAngle(pose: SidePose, angle?: Degrees): SidePose {
  if (angle === undefined || !pose.measured) return pose
  switch (pose.measured) {
    case 'near-hip':
      return { ...pose, near: { ...pose.near, hip: angle } }
    case 'near-knee':
      return { ...pose, near: { ...pose.near, knee: angle } }
    case 'near-ankle':
      return { ...pose, near: { ...pose.near, ankle: angle } }
    case 'neck':
      return { ...pose, neck: angle }
    case 'trunk':
      return { ...pose, lumbar: angle * LOW_BACK_SHARE, thorax: angle * (1 - LOW_BACK_SHARE) }
  }
}

interface Leg {
  readonly limbs: readonly Limb[]
  readonly thigh: Bone
  readonly shin: Bone
  readonly foot: Bone
  readonly thighDir: Degrees
  readonly shinDir: Degrees
}

function leg(layer: Limb['layer'], hip: Point, caudal: Degrees, front: 1 | -1, pose: LegPose): Leg {
  const thighDir = caudal + front * pose.hip
  const knee = go(hip, thighDir, BUILD.thigh.length)
  const shinDir = thighDir - front * pose.knee
  const ankle = go(knee, shinDir, BUILD.shin.length)
  const footDir = shinDir + front * (90 + pose.ankle)
  const heel = go(ankle, footDir + 180, 3.5)
  const toes = go(ankle, footDir, BUILD.foot.length - 4)
  return {
    limbs: [
      {
        id: `${layer}-leg`,
        layer,
        chain: [
          ...stations(hip, thighDir, BUILD.thigh.length, thighDir + front * 90, PROFILE.thigh),
          ...stations(knee, shinDir, BUILD.shin.length, shinDir + front * 90, PROFILE.shin),
        ],
      },
      {
        id: `${layer}-foot`,
        layer,
        chain: [
          { at: go(heel, shinDir, 1.6), half: 2.9 },
          { at: go(ankle, shinDir, 0.9), half: 3.7 },
          { at: go(go(ankle, footDir, 6), shinDir, 1.9), half: 2.9 },
          { at: go(go(ankle, footDir, 11.5), shinDir, 2.9), half: 2 },
          { at: go(toes, shinDir, 3.4), half: 1.4 },
        ],
      },
    ],
    thigh: { from: hip, to: knee },
    shin: { from: knee, to: ankle },
    foot: { from: ankle, to: toes },
    thighDir,
    shinDir,
  }
}

function arm(
  layer: Limb['layer'],
  shoulder: Point,
  trunkCaudal: Degrees,
  front: 1 | -1,
  pose: ArmPose,
): { readonly limbs: readonly Limb[]; readonly upper: Bone; readonly fore: Bone; readonly hand: Bone } {
  const upperDir = trunkCaudal + front * pose.shoulder
  const elbow = go(shoulder, upperDir, BUILD.upperArm.length)
  const foreDir = upperDir + front * pose.elbow
  const wrist = go(elbow, foreDir, BUILD.forearm.length)
  const fingers = go(wrist, foreDir, BUILD.hand.length)
  const limbs: readonly Limb[] = [
    {
      id: `${layer}-arm`,
      layer,
      chain: armChain(shoulder, upperDir, elbow, foreDir, wrist, BUILD.upperArm.length, BUILD.forearm.length),
    },
    {
      id: `${layer}-arm-thumb`,
      layer,
      chain: [
        { at: go(wrist, foreDir, 3), half: 1.7 },
        { at: go(go(wrist, foreDir, 6), foreDir + front * 90, 2.6), half: 1.4 },
        { at: go(go(wrist, foreDir, 9), foreDir + front * 90, 3.3), half: 1.1 },
      ],
    },
  ]
  return { limbs, upper: { from: shoulder, to: elbow }, fore: { from: elbow, to: wrist }, hand: { from: wrist, to: fingers } }
}

/** Where the spine's own measured joints are, and where their zero points. */
interface SpineJoints {
  readonly neck: { readonly at: Point; readonly zero: Degrees }
  readonly trunk: { readonly at: Point; readonly zero: Degrees }
}

function jointOf(pose: SidePose, caudal: Degrees, front: 1 | -1, legs: Leg, spine: SpineJoints): Body['joint'] {
  const reach = BUILD.thigh.length + BUILD.shin.length
  if (!pose.measured) return null
  switch (pose.measured) {
    case 'near-hip':
      return { at: legs.thigh.from, zero: caudal, sign: front, reach }
    case 'near-knee':
      return { at: legs.shin.from, zero: legs.thighDir, sign: front === 1 ? -1 : 1, reach: BUILD.shin.length }
    case 'near-ankle':
      return { at: legs.foot.from, zero: legs.shinDir + front * 90, sign: front, reach: BUILD.foot.length }
    case 'neck':
      return { ...spine.neck, sign: front === 1 ? -1 : 1, reach: 44 }
    case 'trunk':
      return { ...spine.trunk, sign: front === 1 ? -1 : 1, reach: 70 }
  }
}

function supportOf(pose: SidePose, hip: Point, head: Point, near: Leg, far: Leg): Body['support'] {
  const soles = Math.min(near.foot.from.y, near.foot.to.y, far.foot.from.y, far.foot.to.y) - 4
  if (pose.support === 'floor') return { kind: 'floor', seen: 'beside', from: { x: hip.x - 40, y: soles }, to: { x: hip.x + 44, y: soles }, floor: soles }
  if (pose.lies === 'upright') {
    const y = hip.y - BUILD.pelvis.half
    return { kind: pose.support, seen: 'beside', from: { x: hip.x - 24, y }, to: { x: hip.x + 34, y }, floor: y - 45 }
  }
  const y = hip.y - (pose.seen === 'above' ? 0 : BUILD.pelvis.half)
  const feet = Math.max(far.shin.to.x, near.shin.to.x, 60)
  return {
    kind: pose.support,
    seen: pose.seen,
    from: { x: head.x - 18, y },
    to: { x: pose.support === 'table-end' ? hip.x + 14 : pose.support === 'table-edge' ? hip.x - 6 : feet + 16, y },
    floor: pose.seen === 'above' ? -36 : pose.support === 'table-edge' ? Math.min(y - 39, hip.y - 89) : y - 39,
  }
}
