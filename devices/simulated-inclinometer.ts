import { randomNormal } from 'd3-random'
import { seededRandom } from '../core/evidence/rng'
import type { Frame } from '../core/metrology/frame'

/** A limb moved by a person: still, moved out, held, brought back. */
export interface Movement {
  readonly seed: string
  /** Angle at rest and at the end of the movement, in degrees. */
  readonly from: number
  readonly to: number
  /** Fastest speed on the way out, in degrees a second. */
  readonly speed: number
  readonly stillMs?: number
  readonly holdMs?: number
}

/** Frames a second. */
export const RATE = 50

/** Widths of the logistic rise on each side of its middle; 1 % of the way is left over at either end. */
const TAIL = 4.6

/** Spread of the hand's tremor, in degrees. */
const TREMOR_SD = 0.3

/** Where the limb truly is at a time, in degrees: what the device would read without tremor and drift. */
export function trueAngle(movement: Movement, t: number): number {
  const { from, to, speed, stillMs = 800, holdMs = 2500 } = movement
  const span = Math.abs(to - from)
  // A logistic rise has its steepest slope, span / (4 * width), in the middle.
  const width = span / (4 * speed)
  const rise = width * 2 * TAIL * 1000
  const out = logistic((t - stillMs) / 1000 / width - TAIL)
  const back = logistic((t - stillMs - rise - holdMs) / 1000 / (width * 0.6) - TAIL)
  return from + (to - from) * (out - back)
}

/** When the limb is about to be brought back, and when it is back, in milliseconds. */
export function timesOf({ from, to, speed, stillMs = 800, holdMs = 2500 }: Movement): { readonly heldUntil: number; readonly over: number } {
  const rise = (Math.abs(to - from) / (4 * speed)) * 2 * TAIL * 1000
  const heldUntil = stillMs + rise + holdMs
  return { heldUntil, over: heldUntil + rise * 0.6 }
}

function logistic(x: number): number {
  return 1 / (1 + Math.exp(-x))
}

/**
 * What a hand's tremor and the device's slow drift add to each frame, in degrees, 50 frames a second. The same seed adds the same.
 */
export function unsteadiness(seed: string): () => number {
  const normal = randomNormal.source(seededRandom(seed))(0, 1)
  let tremor = 0
  let drift = 0
  return () => {
    // Tremor that remembers its last value keeps its spread and looks like a hand.
    tremor = 0.7 * tremor + Math.sqrt(1 - 0.49) * TREMOR_SD * normal()
    drift += 0.004 * normal()
    return tremor + drift
  }
}

/**
 * A simulated inclinometer on a moving limb: 50 frames a second with tremor and slow drift.
 *
 * Speaks the same frames as a real one would. The same seed gives the same trace.
 */
export function* inclinometer(movement: Movement): Generator<Frame, undefined> {
  const unsteady = unsteadiness(movement.seed)
  const { over } = timesOf(movement)
  for (let i = 0; ; i++) {
    const t = (i * 1000) / RATE
    yield angleFrame(t, trueAngle(movement, t) + unsteady())
    if (t > over) return undefined
  }
}

/** A reading as the device sends it, to a hundredth of a degree. */
export function angleFrame(t: number, degrees: number): Frame {
  return { t, channel: 'angle', unit: 'deg', value: Math.round(degrees * 100) / 100, device: 'simulated inclinometer' }
}
