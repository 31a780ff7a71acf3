import type { Degrees } from '../vocabulary/degrees'
import type { Contact, Pose, Segment } from '../vocabulary/pose'
import type { TestSide } from '../vocabulary/side'
import { frontBody } from './front'
import { between, go, mirrored, type Point } from './geometry'
import { profileBody } from './profile'

/** A tapered limb: a chain of circles joined by their common tangents. */
export interface Limb {
  readonly id: string
  readonly layer: 'far' | 'near'
  readonly chain: readonly { readonly at: Point; readonly half: number }[]
}

/** Straight line a contact is placed along. */
export interface Bone {
  readonly from: Point
  readonly to: Point
}

/** The patient's body in the picture, before hands and measures are added. */
export interface Body {
  readonly head: {
    readonly at: Point
    readonly half: number
    readonly faces: Degrees /** Turn from the face towards the chin. */
    readonly chin: 1 | -1
    readonly seen: 'profile' | 'from-above' | 'from-behind'
    /** Direction of the crown, and how far the face is turned to the right of a viewer who sees the crown up. */
    readonly crown: Degrees
    readonly turn: Degrees
  }
  readonly limbs: readonly Limb[]
  readonly bones: Readonly<Partial<Record<Segment, Bone>>>
  /** What carries the patient: where its surface is, and how far it reaches. */
  readonly support: {
    readonly kind: Pose['support']
    readonly seen: 'beside' | 'above'
    readonly from: Point
    readonly to: Point /** Lowest height it reaches. */
    readonly floor: number
  }
  /** The measured joint: its centre, the direction of zero and of the moving limb now, and the limb's length. */
  readonly joint: { readonly at: Point; readonly zero: Degrees; readonly sign: 1 | -1; readonly reach: number } | null
}

/** One of the examiner's hands. */
export interface Hand {
  readonly at: Point
  /** Direction the forearm comes from. */
  readonly from: Degrees
  readonly push: Degrees | 'in' | null
  readonly says: string | null
  /** Half the thickness of what lies under it, and the direction of that limb. */
  readonly over: { readonly half: number; readonly along: Degrees }
}

/** Everything a picture of one stage needs, in centimetres; no drawing in it. */
export interface Figure extends Body {
  readonly hands: readonly Hand[]
  readonly bounds: { readonly min: Point; readonly max: Point }
}

/**
 * The drawn patient at one stage.
 *
 * The pictures are built for a right-sided test seen from the patient's right; for the left they are
 * mirrored, so that `near` is always the tested side.
 *
 * @param angle - the measured joint's angle now, in degrees; the pose's own when absent
 */
export function figureOf(pose: Pose, side: TestSide, angle?: Degrees): Figure {
  const body = pose.plane === 'front' ? frontBody(pose, angle) : profileBody(pose, angle)
  const hands = pose.contacts.flatMap((contact) => handOn(body, contact))
  const seen = side === 'left' ? mirror(body, hands) : { body, hands }
  return { ...seen.body, hands: seen.hands, bounds: boundsOf(seen.body, seen.hands, pose.shows ?? 'all') }
}

function handOn(body: Body, contact: Contact): readonly Hand[] {
  const bone = body.bones[contact.on]
  if (!bone) return []
  const on = between(bone.from, bone.to, contact.along)
  const at = { x: on.x + (contact.aside ?? 0), y: on.y + contact.off }
  const along = (Math.atan2(bone.to.y - bone.from.y, bone.to.x - bone.from.x) * 180) / Math.PI
  return [{ at, from: contact.from, push: contact.push ?? null, says: contact.says ?? null, over: { half: thickness(body, on), along } }]
}

/** Half the thickness of whatever lies at a place. */
function thickness(body: Body, at: Point): number {
  const stations = body.limbs.flatMap((l) => l.chain)
  const near = stations.reduce<{ half: number; far: number }>(
    (best, s) => {
      const far = Math.hypot(s.at.x - at.x, s.at.y - at.y)
      return far < best.far ? { half: s.half, far } : best
    },
    { half: 5, far: Infinity },
  )
  return near.half
}

function mirror(body: Body, hands: readonly Hand[]): { body: Body; hands: readonly Hand[] } {
  const turn = (d: Degrees): Degrees => 180 - d
  const bones = Object.fromEntries(Object.entries(body.bones).map(([id, bone]) => [id, { from: mirrored(bone.from), to: mirrored(bone.to) }]))
  return {
    body: {
      ...body,
      head: {
        ...body.head,
        at: mirrored(body.head.at),
        faces: turn(body.head.faces),
        chin: body.head.chin === 1 ? -1 : 1,
        crown: turn(body.head.crown),
        turn: -body.head.turn,
      },
      limbs: body.limbs.map((l) => ({ ...l, chain: l.chain.map((c) => ({ ...c, at: mirrored(c.at) })) })),
      bones,
      support: { ...body.support, from: mirrored(body.support.to), to: mirrored(body.support.from) },
      joint: body.joint && {
        ...body.joint,
        at: mirrored(body.joint.at),
        zero: turn(body.joint.zero),
        sign: body.joint.sign === 1 ? -1 : 1,
      },
    },
    hands: hands.map((h) => ({
      ...h,
      at: mirrored(h.at),
      from: turn(h.from),
      push: typeof h.push === 'number' ? turn(h.push) : h.push,
      over: { ...h.over, along: turn(h.over.along) },
    })),
  }
}

/** How far above the hips a picture begins, in centimetres, towards the head. */
const SHOWN_FROM = { all: -Infinity, upper: -10, neck: 34 } as const

function boundsOf(body: Body, hands: readonly Hand[], shows: keyof typeof SHOWN_FROM): Figure['bounds'] {
  const whole = [
    ...body.limbs.flatMap((l) => l.chain),
    { at: body.head.at, half: body.head.half },
    ...hands.flatMap((h) => [
      { at: h.at, half: 4 },
      { at: go(h.at, h.from, 26), half: 4 },
    ]),
    { at: body.support.from, half: 2 },
    { at: body.support.to, half: 2 },
  ]
  const part = shows !== 'all'
  const circles = part ? whole.filter((c) => aboveHips(body, c.at) > SHOWN_FROM[shows]) : whole
  return {
    min: {
      x: Math.min(...circles.map((c) => c.at.x - c.half)),
      y: Math.min(...circles.map((c) => c.at.y - c.half), ...(part && body.support.seen === 'beside' ? [] : [body.support.floor])),
    },
    max: { x: Math.max(...circles.map((c) => c.at.x + c.half)), y: Math.max(...circles.map((c) => c.at.y + c.half)) },
  }
}

/** How far a point lies from the hips towards the head, in centimetres. */
function aboveHips(body: Body, p: Point): number {
  const hip = body.bones.pelvis?.to ?? { x: 0, y: 0 }
  const { x, y } = { x: body.head.at.x - hip.x, y: body.head.at.y - hip.y }
  return ((p.x - hip.x) * x + (p.y - hip.y) * y) / Math.hypot(x, y)
}

/** Where a limb measured at this joint points for an angle, as a point on the arc of this radius. */
export function onArc(joint: NonNullable<Body['joint']>, angle: Degrees, radius: number): Point {
  return go(joint.at, joint.zero + joint.sign * angle, radius)
}
