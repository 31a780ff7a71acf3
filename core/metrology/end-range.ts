import { smoothAt } from './savitzky-golay'
import type { Sample } from './trace'

/** Slower than this the limb rests, in degrees a second, and for at least so long, in milliseconds. */
const RESTING = 2
const LONG_ENOUGH_MS = 500

/**
 * The end of the range: the farthest place at which the limb rested for half a second.
 *
 * @param direction - 1 when the angle grows with the movement, -1 when it falls
 * @returns degrees, or null when it rested nowhere away from the start
 */
export function endRange(trace: readonly Sample[], direction: 1 | -1 = 1): number | null {
  const angles = trace.map((s) => s.angle)
  const seconds = trace.length > 1 ? ((trace.at(-1)?.t ?? 0) - (trace[0]?.t ?? 0)) / (trace.length - 1) / 1000 : 1
  const smooth = angles.map((_, i) => smoothAt(angles, i, 25))
  const start = angles[0] ?? 0
  const rests: number[] = []
  let from = 0
  for (let i = 0; i <= trace.length; i++) {
    const resting = i < trace.length && Math.abs((smooth[i]?.slope ?? 0) / seconds) < RESTING
    if (resting) continue
    const stretch = trace.slice(from, i)
    if ((stretch.at(-1)?.t ?? 0) - (stretch[0]?.t ?? 0) >= LONG_ENOUGH_MS) rests.push(mean(smooth.slice(from, i).map((s) => s.value)))
    from = i + 1
  }
  const away = rests.filter((angle) => (angle - start) * direction > 5)
  return away.length === 0 ? null : direction === 1 ? Math.max(...away) : Math.min(...away)
}

function mean(values: readonly number[]): number {
  return values.reduce((a, b) => a + b, 0) / values.length
}
