import { randomNormal } from 'd3-random'
import { seededRandom } from '../core/evidence/rng'
import { REST_MMHG } from '../core/findings/craniocervical'
import type { Frame } from '../core/metrology/frame'

/** A nod against the cuff under the neck. */
export interface Nod {
  readonly seed: string
  readonly target: number
  readonly seconds: number
  /** How much pressure leaks away over the hold, in mmHg; 0 for a strong neck. */
  readonly sag: number
}

/** Frames a second. */
export const CUFF_RATE = 20

/** Breathing moves the cuff by this much, in mmHg, every so many seconds. */
const BREATH = 0.45
const BREATH_SECONDS = 3.6
const RISE_SECONDS = 1.2

/** A simulated pressure cuff: 20 frames a second, rising to the target, rippled by breathing, back to 20 at the end. */
export function* cuff({ seed, target, seconds, sag }: Nod): Generator<Frame, undefined> {
  const normal = randomNormal.source(seededRandom(seed))(0, 0.12)
  const end = RISE_SECONDS + seconds
  for (let i = 0; i <= (end + 1) * CUFF_RATE; i++) {
    const s = i / CUFF_RATE
    const rise = Math.min(1, s / RISE_SECONDS)
    const held = Math.max(0, s - RISE_SECONDS)
    const level = s > end ? REST_MMHG : REST_MMHG + (target - REST_MMHG) * rise - (sag * held) / seconds
    const value = level + BREATH * Math.sin((2 * Math.PI * s) / BREATH_SECONDS) + normal()
    yield { t: s * 1000, channel: 'pressure', unit: 'mmHg', value: Math.round(value * 10) / 10, device: 'simulated cuff' }
  }
  return undefined
}
