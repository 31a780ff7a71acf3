import type { Degrees } from '../vocabulary/degrees'

/** What a range gained, and whether that is more than measuring twice would show by itself. */
export interface Gain {
  readonly gain: Degrees
  readonly real: boolean
  readonly words: string
}

/**
 * The gain of a range against measurement error.
 *
 * @param mdc - minimal detectable change at 95 %, in degrees
 */
export function gainOf(before: Degrees, after: Degrees, mdc: Degrees): Gain {
  const gain = Math.round((after - before) * 10) / 10
  const real = Math.abs(gain) >= mdc
  const what = gain === 0 ? 'no gain' : gain > 0 ? `gained ${gain}°` : `lost ${-gain}°`
  return { gain, real, words: `${what}, ${before}° to ${after}°: ${real ? 'more than' : 'within'} measurement error (${mdc}°)` }
}
