import type { AngleLimits } from '../core/vocabulary/degrees'
import { HOLD_SECONDS } from '../core/metrology/cuff'
import type { Movement } from './simulated-inclinometer'
import type { Nod } from './simulated-cuff'
import type { Press } from './simulated-force-pad'

/** The limb rests this long before it is moved, so that the device can be zeroed, in milliseconds. */
const STILL_MS = 2200
/** Degrees a second: slow enough that the moment of a press means something. */
const SPEED = 15
/** Above this a simulated neck tires, in mmHg. */
const TIRES_ABOVE = 26

/** The movement a stand-in makes at a stage that measures an angle. */
export function movementFor(limits: AngleLimits, seed: string): Movement {
  const from = limits.rest ?? 0
  return { seed, from, to: limits.usual[1] * (from === 0 ? 0.86 : 0.3), speed: SPEED, stillMs: STILL_MS }
}

/** The press a stand-in gives within a band, in newtons. */
export function pressFor([least, most]: readonly [number, number], seed: string): Press {
  return { seed, target: (least + most) / 2, buildSeconds: 5, holdSeconds: 4, overshoot: 0.03 }
}

/** The nod a stand-in holds at a pressure, in mmHg. */
export function nodFor(target: number, seed: string): Nod {
  return { seed, target, seconds: HOLD_SECONDS, sag: target > TIRES_ABOVE ? 3 : 0.3 }
}
