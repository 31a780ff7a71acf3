import type { Degrees } from '../vocabulary/degrees'
import { BUILD } from './build'
import { go, type Point } from './geometry'

/** One place along a limb: how far, how thick, and how much more of it lies in front. */
export interface Girth {
  /** Share of the segment's length, 0 at its upper end. */
  readonly along: number
  /** Half of its thickness, in centimetres. */
  readonly half: number
  /** How far the middle of it lies before the bone, in centimetres; negative behind it. */
  readonly ahead?: number
}

/**
 * Places along one segment, from a table of girths.
 *
 * @param dir - from the upper end of the segment to its lower end
 * @param ahead - direction of the front of the body at this segment
 */
export function stations(from: Point, dir: Degrees, length: number, ahead: Degrees, girths: readonly Girth[]): { at: Point; half: number }[] {
  return girths.map((g) => ({ at: go(go(from, dir, length * g.along), ahead, g.ahead ?? 0), half: g.half }))
}

/** Girths of the drawn patient in profile, in centimetres; those of a grown person of about 170 cm. */
export const PROFILE = {
  thigh: [
    { along: 0, half: 9.4, ahead: -0.6 },
    { along: 0.28, half: 8.7, ahead: 0.9 },
    { along: 0.62, half: 7.1, ahead: 0.7 },
    { along: 0.9, half: 5.8, ahead: 0.3 },
  ],
  shin: [
    { along: 0, half: 5.6, ahead: 0.2 },
    { along: 0.12, half: 5.2, ahead: -0.4 },
    { along: 0.3, half: 5.7, ahead: -1.4 },
    { along: 0.52, half: 4.6, ahead: -0.9 },
    { along: 0.78, half: 3.2, ahead: -0.1 },
    { along: 0.97, half: 3.3, ahead: 0 },
  ],
  upperArm: [
    { along: -0.02, half: 5.4 },
    { along: 0.22, half: 5.3 },
    { along: 0.6, half: 4.4 },
    { along: 0.93, half: 3.8 },
  ],
  forearm: [
    { along: 0.1, half: 4 },
    { along: 0.28, half: 4.1 },
    { along: 0.65, half: 3.2 },
    { along: 0.96, half: 2.4 },
  ],
  hand: [
    { along: 0.25, half: 2.9 },
    { along: 0.5, half: 3 },
    { along: 0.75, half: 2.2 },
    { along: 0.96, half: 1.5 },
  ],
} as const satisfies Record<string, readonly Girth[]>

/** The same seen from the front: the calf and the deltoid stand out to the outer side, so `ahead` is outwards here. */
export const FRONTAL = {
  thigh: [
    { along: 0, half: 8.6, ahead: 0.6 },
    { along: 0.3, half: 8.2, ahead: 0.7 },
    { along: 0.65, half: 6.6, ahead: 0.3 },
    { along: 0.92, half: 5.4 },
  ],
  shin: [
    { along: 0.03, half: 5.2 },
    { along: 0.28, half: 5.4, ahead: 0.5 },
    { along: 0.6, half: 4.1, ahead: 0.2 },
    { along: 0.93, half: 3.1 },
  ],
} as const satisfies Record<string, readonly Girth[]>

/** Upper arm, forearm and hand as one limb. */
export function armChain(
  shoulder: Point,
  upperDir: Degrees,
  elbow: Point,
  foreDir: Degrees,
  wrist: Point,
  upperLength: number,
  foreLength: number,
): { at: Point; half: number }[] {
  return [
    ...stations(shoulder, upperDir, upperLength, upperDir + 90, PROFILE.upperArm),
    ...stations(elbow, foreDir, foreLength, foreDir + 90, PROFILE.forearm),
    ...stations(wrist, foreDir, BUILD.hand.length, foreDir + 90, PROFILE.hand),
  ]
}
