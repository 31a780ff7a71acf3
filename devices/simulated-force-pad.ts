import { randomNormal } from 'd3-random'
import { seededRandom } from '../core/evidence/rng'
import type { Frame } from '../core/metrology/frame'

/** A leaning examiner: how hard, how slowly, how long. */
export interface Press {
  readonly seed: string
  /** The load that is aimed at, in newtons. */
  readonly target: number
  readonly buildSeconds: number
  readonly holdSeconds: number
  /** Share of the target by which the rise goes too far before it settles, 0 for none. */
  readonly overshoot: number
}

/** Frames a second. */
export const FORCE_RATE = 40

/** Spread of the tremor as a share of the load, and what fades in a second of holding. */
const TREMOR = 0.012
const FADE = 0.004

/** The load without tremor, in newtons. */
export function trueLoad({ target, buildSeconds, holdSeconds, overshoot }: Press, t: number): number {
  const s = t / 1000
  if (s < 0) return 0
  if (s < buildSeconds) {
    // A smooth step: no jerk at either end.
    const x = s / buildSeconds
    return target * (1 + overshoot) * x * x * (3 - 2 * x)
  }
  const held = s - buildSeconds
  if (held < holdSeconds) return target * (1 + overshoot * Math.exp(-held * 2.5)) * (1 - FADE * held)
  return Math.max(0, target * (1 - (held - holdSeconds) * 3))
}

/** A simulated force pad under a leaning examiner: 40 frames a second with tremor, overshoot and fade. Ends when the hand is gone. */
export function* forcePad(press: Press): Generator<Frame, undefined> {
  const normal = randomNormal.source(seededRandom(press.seed))(0, 1)
  let tremor = 0
  for (let i = 0; ; i++) {
    const t = (i * 1000) / FORCE_RATE
    const load = trueLoad(press, t)
    tremor = 0.6 * tremor + Math.sqrt(1 - 0.36) * TREMOR * normal()
    yield { t, channel: 'force', unit: 'N', value: Math.round(Math.max(0, load * (1 + tremor)) * 10) / 10, device: 'simulated force pad' }
    if (t > (press.buildSeconds + press.holdSeconds) * 1000 && load === 0) return undefined
  }
}
