import type { Frame } from './frame'

/** An angle at a moment, in degrees and milliseconds. */
export interface Sample {
  readonly t: number
  readonly angle: number
}

/** How much of the past is kept, in milliseconds. */
export const MEMORY_MS = 10_000

/** Add a frame to the recent past; frames of other channels and frames out of order are left out. */
export function remember(trace: readonly Sample[], frame: Frame): readonly Sample[] {
  const last = trace.at(-1)
  if (frame.channel !== 'angle' || (last && frame.t <= last.t)) return trace
  const kept = trace.filter((s) => s.t > frame.t - MEMORY_MS)
  return [...kept, { t: frame.t, angle: frame.value }]
}
