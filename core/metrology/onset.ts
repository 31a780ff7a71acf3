import { smoothAt } from './savitzky-golay'
import type { Sample } from './trace'

/** Time between feeling and pressing when it was never measured, in milliseconds. */
export const REACTION_MS = 250

/** Faster than this the moment of the press says too little, in degrees a second. */
export const TOO_FAST = 20

/** The angle at which the symptom began, as far as the press can tell. */
export interface Onset {
  readonly angle: number
  /** Speed at the press, in degrees a second; negative when the limb came down. */
  readonly speed: number
  readonly tooFast: boolean
}

/**
 * The angle at onset: the smoothed angle at the press, less what the limb moved during the person's reaction.
 *
 * @param pressedAt - on the clock of the samples, in milliseconds
 * @returns null when nothing was read around the press
 */
export function onsetAt(trace: readonly Sample[], pressedAt: number, reactionMs = REACTION_MS): Onset | null {
  const at = trace.findLastIndex((s) => s.t <= pressedAt)
  const here = trace[at]
  if (!here || pressedAt - here.t > 500) return null
  const { value, slope } = smoothAt(
    trace.map((s) => s.angle),
    at,
  )
  const speed = slope / secondsBetween(trace)
  // The press falls between two samples; the limb moved on since the earlier one.
  const atPress = value + (speed * (pressedAt - here.t)) / 1000
  return { angle: atPress - (speed * reactionMs) / 1000, speed, tooFast: Math.abs(speed) > TOO_FAST }
}

/** Mean spacing of the samples in seconds; the smoother takes them as even. */
function secondsBetween(trace: readonly Sample[]): number {
  const first = trace[0]
  const last = trace.at(-1)
  return first && last && trace.length > 1 ? (last.t - first.t) / (trace.length - 1) / 1000 : 1
}
