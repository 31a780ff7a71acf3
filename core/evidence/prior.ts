import type { Setting } from '../record/event'
import type { Exam } from '../record/exam'
import { areaOf, bodyArea, type BodyArea, sideOf } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import { PRIORS, type WeighedSource, WEIGHED } from './priors'

export { WEIGHED, type WeighedSource } from './priors'

/** Where the odds start before any test. */
export interface Prior {
  readonly p: number
  readonly why: string
  /** How many people it is worth; 20 where no count is known. */
  readonly effectiveN: number
  /** No study fits this setting; the figure is a working assumption. */
  readonly assumed: boolean
  /** The line of the table it comes from; null where it was set for one examination. */
  readonly line: string | null
}

/** People a figure without counts and without an interval is taken to be worth. */
export const UNKNOWN_N = 20

/** A starting probability that the clinic set in place of a line of the table, with where it comes from; null gives the line back. */
export interface OwnPrior {
  readonly line: string
  readonly setting: Setting
  readonly p: number | null
  readonly source: string
  readonly by: string
  readonly at: number
}

/** Can the register move this source? */
export function isWeighed(source: SourceId): source is WeighedSource {
  return WEIGHED.some((weighed) => weighed === source)
}

/**
 * Starting probability of a source on one side, from where that side's pain is and where the people examined come from.
 *
 * The first line of the table whose place is painted decides; the last one of each source has no place and always fits.
 */
export function priorOf(source: WeighedSource, side: Side, exam: Pick<Exam, 'symptoms' | 'setting'>, own: readonly OwnPrior[] = []): Prior {
  const here = exam.symptoms.flatMap((s) => s.places).filter((place) => sideOf(place) === side)
  const zones = new Set<BodyArea['zone']>(here.map((place) => bodyArea(areaOf(place)).zone))
  const line = PRIORS.find((l) => l.source === source && (l.zones === null || l.zones.some((zone) => zones.has(zone))))
  // The table holds a line without a place for every weighed source; priors.test.ts holds it to that.
  if (!line) return { p: 0.1, why: 'No line of the table fits', effectiveN: UNKNOWN_N, assumed: true, line: null }
  const written = own.findLast((o) => o.line === line.id && o.setting === exam.setting)
  if (written && written.p !== null) {
    return { p: written.p, why: `${line.where}: set by ${written.by} (${written.source})`, effectiveN: UNKNOWN_N, assumed: false, line: line.id }
  }
  const start = exam.setting === 'referred' ? line.referred : line.firstContact
  return { p: start.p, why: `${line.where}${start.why}`, effectiveN: start.n, assumed: start.assumed, line: line.id }
}
