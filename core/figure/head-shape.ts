import type { Body } from './figure'
import type { Degrees } from '../vocabulary/degrees'
import type { Point } from './geometry'

/**
 * A head by its distance from its middle, every 15° from the crown, for a head seen from the front and from its right side.
 *
 * Head and neck of drawing manuals, in shares of half the head's height; nothing is measured from it. The profile looks to the right.
 */
const EVERY: Degrees = 15
const FRONT = [1.05, 1.04, 1.01, 0.95, 0.9, 0.85, 0.8, 0.77, 0.76, 0.79, 0.86, 0.95, 1.0]
const PROFILE = {
  /** From the crown over the face to the chin. */
  face: [1.05, 1.07, 1.06, 1.03, 0.99, 0.93, 0.9, 1.13, 1.02, 1.13, 1.14, 1.0, 0.9],
  /** From the crown over the back of the head to the neck. */
  back: [1.05, 1.06, 1.07, 1.07, 1.06, 1.04, 1.0, 0.94, 0.85, 0.75, 0.7, 0.72, 0.78],
} as const

/** The eyes, the nose and the mouth lie on a ball of this share of the head's half. */
const BALL = 0.84

/** A head as it is seen: its outline, and where its features are; in shares of its half, the crown up. */
export interface HeadShape {
  readonly outline: readonly Point[]
  /** Middle of each eye that is seen, and how wide it looks, 0 to 1. */
  readonly eyes: readonly { readonly at: Point; readonly wide: number }[]
  readonly nose: { readonly bridge: Point; readonly tip: Point } | null
  readonly mouth: { readonly at: Point; readonly wide: number } | null
  /** Ears that are seen, with the side they point to. */
  readonly ears: readonly { readonly at: Point; readonly wide: number }[]
  /** Where the hair begins: from one side of the head to the other, below the crown. */
  readonly hair: readonly Point[]
}

/**
 * A head turned about the body's length.
 *
 * @param turn - 0 looks at the viewer, 90 to the viewer's right, -90 to the left, 180 away
 */
export function headShape(turn: Degrees): HeadShape {
  const rad = (turn * Math.PI) / 180
  const aside = Math.sin(rad)
  const toward = Math.cos(rad)
  const side = Math.abs(aside)
  const radius = (index: number, right: boolean): number => {
    const front = FRONT[index] ?? 1
    // The face lies on the side it is turned to, the back of the head on the other.
    const profile = (right === aside >= 0 ? PROFILE.face : PROFILE.back)[index] ?? 1
    return front + (profile - front) * side ** 1.5
  }
  const at = (index: number, right: boolean): Point => {
    const a = (index * EVERY * Math.PI) / 180
    return { x: (right ? 1 : -1) * Math.sin(a) * radius(index, right), y: Math.cos(a) * radius(index, right) }
  }
  const right = FRONT.map((_, i) => at(i, true))
  const left = FRONT.map((_, i) => at(i, false)).slice(1, -1)
  /** A point of the face that lies so far round the head from its middle. */
  const on = (round: Degrees, y: number, out = BALL) => {
    const phi = rad + (round * Math.PI) / 180
    return { at: { x: Math.sin(phi) * out, y }, seen: Math.cos(phi) }
  }
  const eyes = [-27, 27].flatMap((round) => {
    const { at: place, seen } = on(round, 0.13, 0.78)
    return seen > 0.12 ? [{ at: place, wide: Math.min(1, seen) }] : []
  })
  const middle = (y: number, out: number) => on(0, y, out).at
  const faces = toward > -0.2
  const mouth = on(0, -0.5, 0.74)
  const ears = [-92, 92].flatMap((round) => {
    const { at: place, seen } = on(round, -0.05, 0.84)
    return seen > -0.35 ? [{ at: place, wide: 0.35 + 0.65 * Math.max(0, seen) }] : []
  })
  return {
    outline: [...right, ...left.toReversed()],
    eyes: faces ? eyes : [],
    nose: faces ? { bridge: middle(0.06, 0.86), tip: { ...middle(-0.24, side > 0.8 ? 1.06 : 0.92) } } : null,
    mouth: faces && mouth.seen > -0.1 ? { at: mouth.at, wide: Math.max(0.35, Math.min(1, mouth.seen + 0.25)) } : null,
    ears,
    hair: hairline(aside, toward),
  }
}

/** Over the brow where the face is, down to the neck where it is not. */
function hairline(aside: number, toward: number): readonly Point[] {
  const low = (x: number): number => {
    // How much of the face lies at this place of the head, 1 all of it.
    const face = Math.max(-1, Math.min(1, toward * 1.3 + aside * x * 1.5))
    return face > 0 ? 0.02 + 0.5 * face : 0.02 + face * 0.62
  }
  return [-1, -0.75, -0.4, 0, 0.4, 0.75, 1].map((x) => ({ x, y: low(x) }))
}

/** How far the face is turned to the right of a viewer who sees the crown up. */
export function turnOf(head: Body['head']): number {
  if (head.seen === 'from-behind') return 180 - head.turn
  if (head.seen === 'from-above') return -head.turn
  const right = (((head.crown - head.faces) % 360) + 360) % 360
  return Math.abs(right - 90) < 1 ? 90 : -90
}
