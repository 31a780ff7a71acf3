import type { Exam } from '../record/exam'
import { areaOf, bodyArea, type BodyArea, sideOf } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'

/** Where the odds start before any test. */
export interface Prior {
  readonly p: number
  readonly why: string
  /** How many people it is worth; 20 where no count is known. */
  readonly effectiveN: number
  /** No study fits this setting; the figure is a working assumption. */
  readonly assumed: boolean
}

/** People a figure without counts and without an interval is taken to be worth. */
export const UNKNOWN_N = 20

/** Sources whose probability the register can move. */
export const WEIGHED = ['root-cervical', 'root-lumbar-low', 'sij-pain'] as const satisfies readonly SourceId[]

export type WeighedSource = (typeof WEIGHED)[number]

/** Can the register move this source? */
export function isWeighed(source: SourceId): source is WeighedSource {
  return WEIGHED.some((weighed) => weighed === source)
}

/**
 * Starting probability of a source on one side, from where that side's pain is.
 *
 * Sacroiliac: register N2, 30 % (Schwarzer 1995; 18.5 % in Maigne 1996). Low lumbar root: register N7, leg pain
 * with low-back pain in primary care, about 74 % judged sciatica (Stynes 2018); used where the pain is
 * marked below the knee. Neck root: register N6, 23 % (Wainner 2003), used where the arm is marked. Elsewhere no study fits, and the figure says that it is assumed.
 */
export function priorOf(source: WeighedSource, side: Side, exam: Pick<Exam, 'symptoms'>): Prior {
  const here = exam.symptoms.flatMap((s) => s.places).filter((place) => sideOf(place) === side)
  const zones = new Set<BodyArea['zone']>(here.map((place) => bodyArea(areaOf(place)).zone))
  switch (source) {
    case 'root-cervical':
      return zones.has('arm')
        ? { p: 0.23, why: 'Pain marked in the arm: 23 % in people sent for nerve conduction (Wainner 2003)', effectiveN: 82, assumed: false }
        : { p: 0.1, why: 'No arm pain marked on this side; no study fits', effectiveN: UNKNOWN_N, assumed: true }
    case 'sij-pain':
      return zones.has('pelvis')
        ? { p: 0.3, why: 'Pain marked below L5: 30 % in people referred for back pain (Schwarzer 1995)', effectiveN: UNKNOWN_N, assumed: false }
        : { p: 0.1, why: 'No pain marked below L5 on this side; no study fits', effectiveN: UNKNOWN_N, assumed: true }
    case 'root-lumbar-low':
      if (zones.has('below-knee')) {
        return {
          p: 0.74,
          why: 'Pain marked below the knee: about 74 % of back and leg pain judged sciatica in primary care (Stynes 2018)',
          effectiveN: UNKNOWN_N,
          assumed: false,
        }
      }
      return zones.has('thigh')
        ? { p: 0.3, why: 'Pain marked in the thigh only; no study fits', effectiveN: UNKNOWN_N, assumed: true }
        : { p: 0.1, why: 'No leg pain marked on this side; no study fits', effectiveN: UNKNOWN_N, assumed: true }
  }
}
