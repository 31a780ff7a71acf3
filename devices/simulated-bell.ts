import { randomNormal } from 'd3-random'
import { seededRandom } from '../core/evidence/rng'
import type { Frame } from '../core/metrology/frame'
import { REACTION_MS } from '../core/metrology/onset'

/** Nobody presses faster than this, in milliseconds. */
const FASTEST_MS = 120
const SPREAD_MS = 60

/**
 * A simulated patient with a bell: one press, a reaction after their own pain began.
 *
 * @param feltAt - when it began, in milliseconds on the device's clock
 */
export function bellPress(seed: string, feltAt: number): Frame {
  const reaction = Math.max(FASTEST_MS, randomNormal.source(seededRandom(seed))(REACTION_MS, SPREAD_MS)())
  return { t: feltAt + reaction, channel: 'button', unit: '1', value: 1, device: 'simulated bell' }
}
