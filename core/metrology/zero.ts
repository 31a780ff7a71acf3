import type { Sample } from './trace'

/** A start position counts as still below this spread, in degrees, over so long, in milliseconds. */
const STILL_SD = 0.5
const STILL_MS = 2000

/**
 * The reading of a limb at rest, to be taken off later ones.
 *
 * @returns degrees, or null while two seconds of stillness have not been seen
 */
export function stillReading(trace: readonly Sample[]): number | null {
  const last = trace.at(-1)
  const first = trace[0]
  if (!last || !first || last.t - first.t < STILL_MS) return null
  const recent = trace.filter((s) => s.t >= last.t - STILL_MS).map((s) => s.angle)
  const mean = recent.reduce((a, b) => a + b, 0) / recent.length
  const sd = Math.sqrt(recent.reduce((sum, a) => sum + (a - mean) ** 2, 0) / (recent.length - 1))
  return sd < STILL_SD ? mean : null
}
