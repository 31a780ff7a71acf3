import { mean } from 'd3-array'

/** A cuff pressure at a moment, in mmHg and milliseconds. */
export interface Pressure {
  readonly t: number
  readonly mmHg: number
}

/** How one nod against the cuff was held. */
export interface CuffHold {
  readonly target: number
  readonly mean: number
  /** Farthest from the target, in mmHg. */
  readonly strayed: number
  readonly seconds: number
  readonly steady: boolean
}

/** A stage asks for this long, in seconds. */
export const HOLD_SECONDS = 10
/** The mean must be this near, and no reading farther, in mmHg. */
const NEAR_MEAN = 1
const NEAR_ALWAYS = 2

/**
 * Judge one hold: the mean within 1 mmHg of the target, never more than 2 away, for ten seconds.
 *
 * @param trace - the hold alone, from when the target was reached
 */
export function judgeHold(trace: readonly Pressure[], target: number): CuffHold {
  const first = trace[0]
  const last = trace.at(-1)
  const seconds = first && last ? (last.t - first.t) / 1000 : 0
  const average = mean(trace, (s) => s.mmHg) ?? 0
  const strayed = Math.max(0, ...trace.map((s) => Math.abs(s.mmHg - target)))
  return {
    target,
    mean: average,
    strayed,
    seconds,
    steady: seconds >= HOLD_SECONDS - 0.1 && Math.abs(average - target) <= NEAR_MEAN && strayed <= NEAR_ALWAYS,
  }
}

/** The target is reached by then, in milliseconds from the start of the nod. */
const REACHED_MS = 1300

/**
 * Judge one step of the cuff from the whole trace of a nod; null where it was let go too early to tell.
 *
 * @param trace - from the start of the nod
 */
export function judgeStep(trace: readonly Pressure[], target: number): CuffHold | null {
  const held = trace.filter((s) => s.t >= REACHED_MS && s.t <= REACHED_MS + HOLD_SECONDS * 1000)
  return held.length > 1 ? judgeHold(held, target) : null
}
