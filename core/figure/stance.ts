import type { Pose, Stand } from '../vocabulary/pose'
import type { TestSide } from '../vocabulary/side'
import type { Figure } from './figure'
import type { Point } from './geometry'

/** Where the examiner stands, seen from above: x as in the picture, y away from its viewer. */
export interface Stance {
  readonly patient: { readonly lies: boolean; readonly head: Point; readonly hips: Point; readonly faces: Point }
  /** Where the feet are, and which way they point. */
  readonly feet: { readonly at: Point; readonly to: Point }
  /** Which way the hands push, in the plane of the floor; null where they press down, hold or are off. */
  readonly push: Point | null
  /** "You stand at the head of the table." */
  readonly words: string
}

/** Half the width of a treatment table, and how far from its edge one stands, in centimetres. */
const HALF_TABLE = 33
const AWAY = 26

const WORDS: Readonly<Record<Stand, string>> = {
  tested: 'beside the table, at the tested side',
  other: 'beside the table, at the other side',
  head: 'at the head of the table',
  feet: 'at the foot of the table',
  behind: 'behind the patient',
  front: 'in front of the patient',
  beside: 'beside the patient, at the tested side',
}

/**
 * Where the examiner stands at a stage: as the pose says, else where the forearms come from.
 *
 * @returns null where no hand is on the patient
 */
export function stanceOf(pose: Pose, side: TestSide, figure: Figure): Stance | null {
  if (figure.hands.length === 0) return null
  const upright = isUpright(pose)
  const stand = pose.stands ?? guess(pose, figure, upright)
  const hips = figure.bones.pelvis?.to ?? { x: 0, y: 0 }
  const head = figure.head.at
  const middle = average(figure.hands.map((h) => h.at)).x
  const mirrored = side === 'left'
  // Lying, the tested side is the viewer's; sitting and standing it is on whichever half of the picture the body is mirrored to.
  const facing = upright ? facesOf(pose, mirrored) : { x: 0, y: 0 }
  const patient = upright
    ? { lies: false, head: { x: hips.x, y: 0 }, hips: { x: hips.x, y: 0 }, faces: facing }
    : { lies: true, head: { x: head.x, y: 0 }, hips: { x: hips.x, y: 0 }, faces: facing }
  const feet = upright ? uprightFeet(stand, hips.x, facing, mirrored, pose) : lyingFeet(stand, middle, head.x, hips.x, figure)
  const onSide = pose.plane === 'profile' && pose.seen === 'above'
  return { patient, feet, push: pushOf(figure), words: `You stand ${(onSide ? ON_THE_SIDE[stand] : undefined) ?? WORDS[stand]}.` }
}

/** Beside somebody who lies on the side one stands behind or in front of them. */
const ON_THE_SIDE: Partial<Record<Stand, string>> = { tested: 'beside the table, behind the patient', other: 'beside the table, in front of the patient' }

function isUpright(pose: Pose): boolean {
  return pose.plane === 'profile' ? pose.lies === 'upright' : pose.is === 'sitting' || pose.is === 'standing'
}

/** Which way an upright patient looks, seen from above. */
function facesOf(pose: Pose, mirrored: boolean): Point {
  if (pose.plane === 'front') return pose.fromBehind ? { x: 0, y: 1 } : { x: 0, y: -1 }
  return { x: mirrored ? -1 : 1, y: 0 }
}

/** Where the forearms come from tells where whoever they belong to stands. */
function guess(pose: Pose, figure: Figure, upright: boolean): Stand {
  const from = average(figure.hands.map(({ from: d }) => ({ x: Math.cos((d * Math.PI) / 180), y: Math.sin((d * Math.PI) / 180) })))
  if (upright) {
    if (pose.plane === 'front') return pose.fromBehind || from.y > 0.3 ? 'behind' : 'front'
    const ahead = from.x * (figure.head.faces > 90 && figure.head.faces < 270 ? -1 : 1)
    return ahead < -0.45 ? 'behind' : ahead > 0.6 ? 'front' : 'beside'
  }
  const towardsHead = from.x * Math.sign(figure.head.at.x - (figure.bones.pelvis?.to.x ?? 0))
  if (towardsHead > 0.75) return 'head'
  if (towardsHead < -0.85) return 'feet'
  // Seen from above, a forearm from the far edge belongs to somebody who stands there.
  return figure.support.seen === 'above' && from.y > 0.35 ? 'other' : 'tested'
}

function lyingFeet(stand: Stand, middle: number, head: number, hips: number, figure: Figure): Stance['feet'] {
  const up = Math.sign(head - hips) || -1
  const ends = [figure.support.from.x, figure.support.to.x]
  const end = (sign: number) => (sign > 0 ? Math.max(...ends) : Math.min(...ends))
  if (stand === 'head') return { at: { x: end(up) + up * AWAY * 0.7, y: 0 }, to: { x: -up, y: 0 } }
  if (stand === 'feet') return { at: { x: end(-up) - up * AWAY * 0.7, y: 0 }, to: { x: up, y: 0 } }
  const y = HALF_TABLE + AWAY
  return stand === 'other' ? { at: { x: middle, y }, to: { x: 0, y: -1 } } : { at: { x: middle, y: -y }, to: { x: 0, y: 1 } }
}

function uprightFeet(stand: Stand, x: number, faces: Point, mirrored: boolean, pose: Pose): Stance['feet'] {
  const d = 52
  if (stand === 'front') return { at: { x: x + faces.x * d, y: faces.y * d }, to: { x: -faces.x, y: -faces.y } }
  if (stand === 'behind') return { at: { x: x - faces.x * d, y: -faces.y * d }, to: faces }
  // The tested side: the viewer's in profile, a half of the picture otherwise.
  if (pose.plane === 'profile') return { at: { x, y: -d }, to: { x: 0, y: 1 } }
  const half = (mirrored ? 1 : -1) * (pose.fromBehind ? -1 : 1)
  return { at: { x: x + half * d, y: 0 }, to: { x: -half, y: 0 } }
}

/** A push across the floor: straight in from the side, or along the picture where it is seen from above. */
function pushOf(figure: Figure): Point | null {
  const pushes = figure.hands.flatMap((h) => (h.push === null ? [] : [h.push]))
  const [first] = pushes
  if (first === undefined) return null
  const above = figure.support.seen === 'above'
  if (first === 'in') return above ? null : { x: 0, y: 1 }
  const rad = (first * Math.PI) / 180
  const flat = above ? { x: Math.cos(rad), y: Math.sin(rad) } : { x: Math.cos(rad), y: 0 }
  return Math.hypot(flat.x, flat.y) < 0.35 ? null : flat
}

function average(points: readonly Point[]): Point {
  const n = Math.max(1, points.length)
  return { x: points.reduce((s, p) => s + p.x, 0) / n, y: points.reduce((s, p) => s + p.y, 0) / n }
}
