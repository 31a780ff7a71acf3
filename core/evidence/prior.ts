import type { Setting } from '../record/event'
import type { Exam } from '../record/exam'
import { fitsTheOutlet } from '../story/outlet-story'
import { LOW_BACK } from '../vocabulary/area-sets'
import { type AreaId, areaOf, type Place, sideOf } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import { type Placed, type PriorLine, PRIORS, REPLACED_LINES, type WeighedSource, WEIGHED } from './priors'

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
 * The first line of the table that the story fits decides; the last one of each source has no place and always fits.
 */
export function priorOf(source: WeighedSource, side: Side, exam: Pick<Exam, 'symptoms' | 'setting'>, own: readonly OwnPrior[] = []): Prior {
  const line = lineOf(source, side, exam)
  // The table holds a line without a place for every weighed source; its test holds it to that.
  if (!line) return { p: 0.1, why: 'No line of the table fits', effectiveN: UNKNOWN_N, assumed: true, line: null }
  const written = own.findLast((o) => (REPLACED_LINES[o.line] ?? o.line) === line.id && o.setting === exam.setting)
  if (written && written.p !== null) {
    return { p: written.p, why: `${line.where}: set by ${written.by} (${written.source})`, effectiveN: UNKNOWN_N, assumed: false, line: line.id }
  }
  const start = exam.setting === 'referred' ? line.referred : line.firstContact
  return { p: start.p, why: `${line.where}${start.why}`, effectiveN: start.n, assumed: start.assumed, line: line.id }
}

/** Does the story put this source on that side? */
export function isPlaced(source: WeighedSource, side: Side, exam: Pick<Exam, 'symptoms'>): boolean {
  return (lineOf(source, side, exam)?.placed ?? null) !== null
}

function lineOf(source: WeighedSource, side: Side, { symptoms }: Pick<Exam, 'symptoms'>): PriorLine | undefined {
  return PRIORS.find((line) => line.source === source && (line.placed === null || fits(line.placed, side, symptoms)))
}

function fits({ at, with: companions, told }: Placed, side: Side, symptoms: Exam['symptoms']): boolean {
  const everywhere = symptoms.flatMap((s) => s.places)
  const here = everywhere.filter((place) => sideOf(place) === side)
  const there = (areas: readonly AreaId[], places: readonly Place[]) => places.some((place) => areas.includes(areaOf(place)))
  if (!there(at, here)) return false
  // Pain in the middle of the back is painted on whichever side comes to hand.
  if (
    companions &&
    !there(companions, here) &&
    !there(
      companions.filter((area) => LOW_BACK.includes(area)),
      everywhere,
    )
  )
    return false
  return told === undefined || symptoms.some((s) => fitsTheOutlet({ ...s, places: s.places.filter((place) => sideOf(place) === side) }))
}
