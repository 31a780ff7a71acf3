import { mean } from 'd3-array'

/** A load at a moment, in newtons and milliseconds. */
export interface Load {
  readonly t: number
  readonly force: number
}

/** How a press was given, against what was asked for. */
export interface ForceScore {
  /** Seconds from a tenth of the band's lower edge until the band was reached; null when it never was. */
  readonly buildSeconds: number | null
  /** Share of the time after the first touch of the band that the load stayed in it, 0 to 1. */
  readonly inBand: number
  /** Newtons above the band's upper edge at the worst moment; 0 when it stayed below. */
  readonly overshoot: number
  /** 1 for an even rise, less for a jerky one: the straight path of the load over the path it took. */
  readonly smoothness: number
  readonly highest: number
}

/** A rise from light touch to the band should take this long, in seconds. */
export const BUILD_SECONDS: readonly [number, number] = [4, 6]

/** Below this share of the band the hand is only resting there. */
const TOUCH_SHARE = 0.1

/** Below this share of the highest load the hand has let go. */
const LET_GO = 0.5

/** The press of a trace: what comes after the hand has let go is left out. */
export function pressOf(trace: readonly Load[]): readonly Load[] {
  const highest = Math.max(0, ...trace.map((s) => s.force))
  return trace.slice(0, trace.findLastIndex((s) => s.force >= highest * LET_GO) + 1)
}

/**
 * Score a press against a band.
 *
 * @param trace - one press, oldest first; what comes after the hand has let go is left out by the caller
 * @param band - lower and upper edge, in newtons
 * @returns null when the load never rose above a light touch
 */
export function scorePress(trace: readonly Load[], [low, high]: readonly [number, number]): ForceScore | null {
  const begun = trace.findIndex((s) => s.force >= low * TOUCH_SHARE)
  const first = trace[begun]
  if (!first) return null
  const reachedAt = trace.findIndex((s) => s.force >= low)
  const reached = trace[reachedAt]
  const highest = Math.max(...trace.map((s) => s.force))
  const held = reachedAt < 0 ? [] : trace.slice(reachedAt)
  const rise = trace.slice(begun, reachedAt < 0 ? undefined : reachedAt + 1)
  return {
    buildSeconds: reached ? (reached.t - first.t) / 1000 : null,
    inBand: held.length === 0 ? 0 : held.filter((s) => s.force >= low && s.force <= high).length / held.length,
    overshoot: Math.max(0, highest - high),
    smoothness: smoothnessOf(rise),
    highest,
  }
}

/** Net change over the sum of changes, after averaging neighbours: tremor is not a jerk. */
function smoothnessOf(rise: readonly Load[]): number {
  const calm = rise.map((_, i) => mean(rise.slice(Math.max(0, i - 4), i + 5), (s) => s.force) ?? 0)
  const path = calm.slice(1).reduce((sum, force, i) => sum + Math.abs(force - (calm[i] ?? force)), 0)
  const net = Math.abs((calm.at(-1) ?? 0) - (calm[0] ?? 0))
  return path === 0 ? 1 : net / path
}
