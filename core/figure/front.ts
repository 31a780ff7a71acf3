import type { FrontPose, SpreadLeg } from '../vocabulary/pose'
import { BUILD } from './build'
import type { Body, Bone, Limb } from './figure'
import { go, type Point } from './geometry'

/** The body on its back, seen from above with the head at the left: `near` lies towards the viewer's feet. */
export function frontBody(pose: FrontPose): Body {
  const crotch: Point = { x: 0, y: 0 }
  const hips = { near: { x: -4, y: -BUILD.hipHalf }, far: { x: -4, y: BUILD.hipHalf } }
  const pelvisTop = { x: crotch.x - 16, y: 0 }
  const waist = { x: pelvisTop.x - 14, y: 0 }
  const chest = { x: waist.x - 26, y: 0 }
  const shoulders = { near: { x: chest.x - 3, y: -BUILD.shoulderHalf }, far: { x: chest.x - 3, y: BUILD.shoulderHalf } }
  const headAt = { x: chest.x - 24, y: 0 }
  const near = spreadLeg('near', hips.near, -1, pose.near)
  const far = spreadLeg('far', hips.far, 1, pose.far)
  return {
    head: { at: headAt, half: BUILD.head.half, faces: 90, chin: 1, seen: 'from-above' },
    limbs: [
      ...restingArm('far', shoulders.far, 1),
      ...far.limbs,
      ...trunk(crotch, pelvisTop, waist, chest),
      {
        id: 'neck',
        layer: 'near',
        chain: [
          { at: { x: chest.x - 6, y: 0 }, half: 7 },
          { at: headAt, half: BUILD.neck.half },
        ],
      },
      ...restingArm('near', shoulders.near, -1),
      ...near.limbs,
    ],
    bones: {
      head: { from: headAt, to: chest },
      thorax: { from: chest, to: waist },
      lumbar: { from: waist, to: pelvisTop },
      pelvis: { from: pelvisTop, to: crotch },
      'near-thigh': near.thigh,
      'near-shin': near.shin,
      'far-thigh': far.thigh,
      'far-shin': far.shin,
      'near-hip-bone': { from: { x: pelvisTop.x - 2, y: -12.5 }, to: { x: pelvisTop.x + 6, y: -12.5 } },
      'far-hip-bone': { from: { x: pelvisTop.x - 2, y: 12.5 }, to: { x: pelvisTop.x + 6, y: 12.5 } },
    },
    support: { kind: pose.support, seen: 'above', from: { x: headAt.x - 18, y: 0 }, to: { x: 96, y: 0 } },
    joint: null,
  }
}

/** Three cross bars make a trunk of varying width: shoulders, waist, hips. */
function trunk(crotch: Point, pelvisTop: Point, waist: Point, chest: Point): readonly Limb[] {
  const edge = (sign: 1 | -1): Limb => ({
    id: `flank-${sign}`,
    layer: 'near',
    chain: [
      { at: { x: chest.x, y: sign * 10 }, half: 10 },
      { at: { x: waist.x - 6, y: sign * 8 }, half: 9 },
      { at: { x: waist.x + 4, y: sign * 7 }, half: BUILD.waistHalf - 6 },
      { at: { x: pelvisTop.x + 6, y: sign * 9 }, half: 8.5 },
      { at: { x: crotch.x - 4, y: sign * 9 }, half: 9 },
    ],
  })
  return [
    {
      id: 'spine',
      layer: 'near',
      chain: [
        { at: chest, half: 10 },
        { at: waist, half: 8 },
        { at: crotch, half: 6 },
      ],
    },
    edge(1),
    edge(-1),
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
          { at: hip, half: BUILD.thigh.half },
          { at: knee, half: BUILD.thigh.end },
          { at: go(knee, shinDir, BUILD.shin.length * pose.shinSeen * 0.3), half: BUILD.shin.half },
          { at: ankle, half: BUILD.shin.end },
          { at: toes, half: BUILD.foot.half },
        ],
      },
    ],
    thigh: { from: hip, to: knee },
    shin: { from: knee, to: ankle },
  }
}

function restingArm(layer: Limb['layer'], shoulder: Point, away: 1 | -1): readonly Limb[] {
  const elbow = go(shoulder, away * 9, BUILD.upperArm.length)
  const wrist = go(elbow, away * 3, BUILD.forearm.length)
  return [
    {
      id: `${layer}-arm`,
      layer,
      chain: [
        { at: shoulder, half: BUILD.upperArm.half },
        { at: elbow, half: BUILD.upperArm.end },
        { at: wrist, half: BUILD.forearm.end },
        { at: go(wrist, 0, BUILD.hand.length * 0.5), half: BUILD.hand.half },
        { at: go(wrist, 0, BUILD.hand.length), half: BUILD.hand.end },
      ],
    },
  ]
}
