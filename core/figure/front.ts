import type { Degrees } from '../vocabulary/degrees'
import type { FrontPose, SpreadArm, SpreadLeg } from '../vocabulary/pose'
import { BUILD } from './build'
import type { Body, Bone, Limb } from './figure'
import { go, type Point } from './geometry'
import { armChain, FRONTAL, stations } from './stations'

const AT_REST: SpreadArm = { out: 9, bend: -6, upperSeen: 1, foreSeen: 1 }

/**
 * The body seen from the front.
 *
 * Built lying with the head at the left, `near` towards the viewer's feet; a sitting or standing body is the same
 * one turned upright, and mirrored when it is seen from behind.
 *
 * @param angle - replaces the measured joint's own angle, in degrees
 */
export function frontBody(pose: FrontPose, angle?: Degrees): Body {
  const lying = bent(lyingBody(withAngle(pose, angle)), pose.trunkBend ?? 0)
  if (!pose.is || pose.is === 'lying') return lying
  const upright = turned(lying, pose)
  return pose.fromBehind ? { ...upright, head: { ...upright.head, seen: 'from-behind' } } : upright
}

/** The pose with the measured joint at this angle. */
function withAngle(pose: FrontPose, angle?: Degrees): FrontPose {
  if (angle === undefined || !pose.measured) return pose
  switch (pose.measured) {
    case 'near-elbow':
      return { ...pose, nearArm: { ...(pose.nearArm ?? AT_REST), bend: angle } }
    case 'near-shoulder':
      return { ...pose, nearArm: { ...(pose.nearArm ?? AT_REST), out: angle } }
    case 'neck-bend':
      return { ...pose, neckBend: angle }
    case 'head-turn':
      return { ...pose, headTurn: angle }
  }
}

function lyingBody(pose: FrontPose): Body {
  const crotch: Point = { x: 0, y: 0 }
  const hips = { near: { x: -4, y: -BUILD.hipHalf }, far: { x: -4, y: BUILD.hipHalf } }
  const pelvisTop = { x: crotch.x - 16, y: 0 }
  const waist = { x: pelvisTop.x - 14, y: 0 }
  const chest = { x: waist.x - 26, y: 0 }
  const shoulders = { near: { x: chest.x - 3, y: -BUILD.shoulderHalf }, far: { x: chest.x - 3, y: BUILD.shoulderHalf } }
  const crown = 180 + (pose.neckBend ?? 0)
  const neckBase = { x: chest.x - 6, y: 0 }
  const headAt = go(neckBase, crown, 18)
  const near = spreadLeg('near', hips.near, -1, pose.near)
  const far = spreadLeg('far', hips.far, 1, pose.far)
  const nearArm = spreadArm('near', shoulders.near, -1, pose.nearArm ?? AT_REST)
  const farArm = spreadArm('far', shoulders.far, 1, pose.farArm ?? AT_REST)
  return {
    head: { at: headAt, half: BUILD.head.half, faces: 90, chin: 1, seen: 'from-above', crown, turn: pose.headTurn ?? 0 },
    limbs: [
      ...farArm.limbs,
      ...far.limbs,
      ...trunk(crotch, pelvisTop, waist, chest),
      {
        id: 'neck',
        layer: 'near',
        chain: [
          { at: neckBase, half: 7 },
          { at: headAt, half: BUILD.neck.half },
        ],
      },
      ...nearArm.limbs,
      ...near.limbs,
    ],
    bones: {
      head: { from: headAt, to: neckBase },
      neck: { from: neckBase, to: chest },
      thorax: { from: chest, to: waist },
      lumbar: { from: waist, to: pelvisTop },
      pelvis: { from: pelvisTop, to: crotch },
      'near-shoulder': { from: neckBase, to: shoulders.near },
      'far-shoulder': { from: neckBase, to: shoulders.far },
      'near-upper-arm': nearArm.upper,
      'near-forearm': nearArm.fore,
      'near-hand': nearArm.hand,
      'far-forearm': farArm.fore,
      'near-thigh': near.thigh,
      'near-shin': near.shin,
      'far-thigh': far.thigh,
      'far-shin': far.shin,
      'near-hip-bone': { from: { x: pelvisTop.x - 2, y: -12.5 }, to: { x: pelvisTop.x + 6, y: -12.5 } },
      'far-hip-bone': { from: { x: pelvisTop.x - 2, y: 12.5 }, to: { x: pelvisTop.x + 6, y: 12.5 } },
    },
    support: { kind: pose.support, seen: 'above', from: { x: headAt.x - 18, y: 0 }, to: { x: 96, y: 0 }, floor: -36 },
    joint: jointOf(pose, shoulders.near, nearArm, neckBase, headAt, crown),
  }
}

function jointOf(pose: FrontPose, shoulder: Point, arm: Arm, neckBase: Point, head: Point, crown: Degrees): Body['joint'] {
  if (!pose.measured) return null
  switch (pose.measured) {
    case 'near-elbow':
      return { at: arm.fore.from, zero: arm.upperDir, sign: -1, reach: BUILD.forearm.length + BUILD.hand.length }
    case 'near-shoulder':
      return { at: shoulder, zero: 0, sign: -1, reach: BUILD.upperArm.length + BUILD.forearm.length }
    case 'neck-bend':
      return { at: neckBase, zero: 180, sign: 1, reach: 46 }
    case 'head-turn':
      // A turn about the body's length cannot be seen from here: it is drawn as a dial round the head.
      return { at: head, zero: crown, sign: 1, reach: 27 }
  }
}

/** Where the trunk bends sideways, and what moves with it: everything above. */
const WAIST = -30

/** The upper body turned about the waist towards the tested side. */
function bent(body: Body, by: Degrees): Body {
  if (by === 0) return body
  const rad = (by * Math.PI) / 180
  const point = (p: Point): Point =>
    p.x >= WAIST ? p : { x: WAIST + (p.x - WAIST) * Math.cos(rad) - p.y * Math.sin(rad), y: (p.x - WAIST) * Math.sin(rad) + p.y * Math.cos(rad) }
  const bones = Object.fromEntries(Object.entries(body.bones).map(([id, bone]) => [id, { from: point(bone.from), to: point(bone.to) }]))
  // An arm hangs from its shoulder and goes with it as a whole.
  const limbs = body.limbs.map((l) => {
    const [first] = l.chain
    if (!l.id.includes('arm') || !first) return { ...l, chain: l.chain.map((c) => ({ ...c, at: point(c.at) })) }
    const to = point(first.at)
    return { ...l, chain: l.chain.map((c) => ({ ...c, at: { x: c.at.x + to.x - first.at.x, y: c.at.y + to.y - first.at.y } })) }
  })
  return { ...body, head: { ...body.head, at: point(body.head.at), crown: body.head.crown + by }, bones, limbs }
}

/** Turned so that the head is up; from behind, the tested side is on the other half. */
function turned(body: Body, pose: FrontPose): Body {
  const flip = pose.fromBehind ? -1 : 1
  const point = (p: Point): Point => ({ x: p.y * flip, y: -p.x })
  const angle = (d: Degrees): Degrees => (pose.fromBehind ? 180 - (d - 90) : d - 90)
  const bones = Object.fromEntries(Object.entries(body.bones).map(([id, bone]) => [id, { from: point(bone.from), to: point(bone.to) }]))
  const limbs = body.limbs.map((l) => ({ ...l, chain: l.chain.map((c) => ({ ...c, at: point(c.at) })) }))
  const lowest = Math.min(...limbs.flatMap((l) => l.chain.map((c) => c.at.y - c.half)))
  const sits = pose.is === 'sitting'
  const y = sits ? -9 : lowest
  return {
    ...body,
    head: { ...body.head, at: point(body.head.at), crown: angle(body.head.crown), turn: body.head.turn * flip },
    limbs,
    bones,
    support: { kind: pose.support, seen: 'beside', from: { x: -34, y }, to: { x: 34, y }, floor: lowest },
    joint: body.joint && {
      ...body.joint,
      at: point(body.joint.at),
      zero: angle(body.joint.zero),
      sign: flip === 1 ? body.joint.sign : body.joint.sign === 1 ? -1 : 1,
    },
  }
}

/** A trunk of one piece: neck and shoulders, chest, waist, hips; and the slope from the neck to each shoulder. */
function trunk(crotch: Point, pelvisTop: Point, waist: Point, chest: Point): readonly Limb[] {
  return [
    {
      id: 'spine',
      layer: 'near',
      chain: [
        { at: { x: chest.x - 6, y: 0 }, half: 11.5 },
        { at: { x: chest.x, y: 0 }, half: 16.6 },
        { at: { x: chest.x + 9, y: 0 }, half: 16.8 },
        { at: { x: waist.x - 6, y: 0 }, half: 14.4 },
        { at: { x: waist.x + 3, y: 0 }, half: 13.2 },
        { at: { x: pelvisTop.x + 1, y: 0 }, half: 15.2 },
        { at: { x: pelvisTop.x + 9, y: 0 }, half: BUILD.pelvisHalf + 0.6 },
        { at: { x: crotch.x - 2, y: 0 }, half: 15 },
      ],
    },
    {
      id: 'flank-shoulders',
      layer: 'near',
      chain: [
        { at: { x: chest.x - 2, y: BUILD.shoulderHalf - 2 }, half: 5.2 },
        { at: { x: chest.x - 5, y: 9 }, half: 5.6 },
        { at: { x: chest.x - 8, y: 0 }, half: 6.4 },
        { at: { x: chest.x - 5, y: -9 }, half: 5.6 },
        { at: { x: chest.x - 2, y: -BUILD.shoulderHalf + 2 }, half: 5.2 },
      ],
    },
  ]
}

function spreadLeg(layer: Limb['layer'], hip: Point, away: 1 | -1, pose: SpreadLeg): { limbs: readonly Limb[]; thigh: Bone; shin: Bone } {
  const thighDir = away * pose.out
  const knee = go(hip, thighDir, BUILD.thigh.length * pose.thighSeen)
  const shinDir = away * (pose.out - pose.bend)
  const ankle = go(knee, shinDir, BUILD.shin.length * pose.shinSeen)
  const toes = go(ankle, shinDir + away * 18, 11)
  return {
    limbs: [
      {
        id: `${layer}-leg`,
        layer,
        chain: [
          ...stations(hip, thighDir, BUILD.thigh.length * pose.thighSeen, thighDir + away * 90, FRONTAL.thigh),
          ...stations(knee, shinDir, BUILD.shin.length * pose.shinSeen, shinDir + away * 90, FRONTAL.shin),
          { at: go(ankle, shinDir + away * 14, 4), half: 3.4 },
          { at: go(toes, shinDir + 180, 1), half: 3.6 },
        ],
      },
    ],
    thigh: { from: hip, to: knee },
    shin: { from: knee, to: ankle },
  }
}

interface Arm {
  readonly limbs: readonly Limb[]
  readonly upper: Bone
  readonly fore: Bone
  readonly hand: Bone
  readonly upperDir: Degrees
}

function spreadArm(layer: Limb['layer'], shoulder: Point, away: 1 | -1, pose: SpreadArm): Arm {
  const upperDir = away * pose.out
  const elbow = go(shoulder, upperDir, BUILD.upperArm.length * pose.upperSeen)
  const foreDir = away * (pose.out + pose.bend)
  const wrist = go(elbow, foreDir, BUILD.forearm.length * pose.foreSeen)
  const fingers = go(wrist, foreDir, BUILD.hand.length)
  return {
    limbs: [
      {
        id: `${layer}-arm`,
        layer,
        chain: armChain(shoulder, upperDir, elbow, foreDir, wrist, BUILD.upperArm.length * pose.upperSeen, BUILD.forearm.length * pose.foreSeen),
      },
      {
        id: `${layer}-arm-thumb`,
        layer,
        chain: [
          { at: go(wrist, foreDir, 3), half: 1.7 },
          { at: go(go(wrist, foreDir, 6), foreDir - away * 90, 2.8), half: 1.4 },
          { at: go(go(wrist, foreDir, 9), foreDir - away * 90, 3.6), half: 1.1 },
        ],
      },
    ],
    upper: { from: shoulder, to: elbow },
    fore: { from: elbow, to: wrist },
    hand: { from: wrist, to: fingers },
    upperDir,
  }
}
