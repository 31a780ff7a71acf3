import type { Degrees } from '../vocabulary/degrees'

/** How a phone is held, as browsers tell it: turns about its own axes, in degrees, applied as Z, X', Y''. */
export interface Attitude {
  readonly alpha: Degrees
  readonly beta: Degrees
  readonly gamma: Degrees
}

type Vector = readonly [number, number, number]

/** Where "up" points in the phone's own frame. The compass turn (alpha) does not matter to it, so a drifting compass cannot. */
function upIn({ beta, gamma }: Attitude): Vector {
  const b = (beta * Math.PI) / 180
  const g = (gamma * Math.PI) / 180
  return [-Math.cos(b) * Math.sin(g), Math.sin(b), Math.cos(b) * Math.cos(g)]
}

/**
 * How far a phone has tilted between two attitudes: the angle between the two directions of up in its own frame.
 *
 * @returns 0 to 180 degrees; turning about the vertical counts as nothing
 */
export function tiltBetween(from: Attitude, to: Attitude): Degrees {
  const a = upIn(from)
  const b = upIn(to)
  const dot = a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
  const cross = Math.hypot(a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0])
  // atan2 keeps its precision for small angles, where an arc cosine loses it.
  return (Math.atan2(cross, dot) * 180) / Math.PI
}
