import { scaleLinear } from 'd3-scale'
import type { MeasureChange } from '@/core/change/measure-change'

/** Two figures of one measure on one line, with the band in which a difference is only error. */
export interface PairedMarks {
  readonly before: number
  readonly after: number
  /** From and to, on the same scale as the marks; null where the error is not known. */
  readonly band: readonly [number, number] | null
  readonly ticks: readonly { readonly at: number; readonly says: string }[]
  /** Which end of the line is better. */
  readonly better: 'right' | 'left'
}

/** The unit of a strength: from 0 to 10. */
const STRENGTH = ' of 10'

/** Room at both ends, so that a mark is never cut. */
const INSET = 10

/**
 * Where the marks of a measure stand on a line.
 *
 * The line goes from a little below the lowest to a little above the highest of what is drawn on it, band included.
 *
 * @param width - of the line, in the units of the drawing
 * @returns null where the measure has no figures
 */
export function pairedMarks({ figures, error }: Pick<MeasureChange, 'figures' | 'error'>, width: number): PairedMarks | null {
  if (!figures) return null
  const { before, after, unit, freer } = figures
  const by = error?.value ?? 0
  const [low, high] = [Math.min(before - by, after), Math.max(before + by, after)]
  const room = Math.max(1, (high - low) * 0.15)
  // A strength has its own ends; nothing else that is measured here is below 0 unless it was measured there.
  const whole = unit === STRENGTH
  const from = whole ? 0 : Math.min(before, after) >= 0 ? Math.max(0, low - room) : low - room
  const nice = scaleLinear([from, whole ? 10 : high + room], [INSET, width - INSET])
  const scale = whole ? nice : nice.nice(4)
  return {
    before: scale(before),
    after: scale(after),
    band: error ? [Math.max(INSET, scale(before - by)), Math.min(width - INSET, scale(before + by))] : null,
    ticks: scale.ticks(4).map((tick) => ({ at: scale(tick), says: whole ? String(tick) : `${tick}${unit}` })),
    better: freer === 'less' ? 'left' : 'right',
  }
}
