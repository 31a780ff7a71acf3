import type { Exam } from '../record/exam'
import { SIDES, type Side } from '../vocabulary/side'
import { isPlaced, type OwnPrior, type Prior, priorOf, WEIGHED, type WeighedSource } from './prior'

/** Where one source starts with this story, in this setting and in the other one. */
export interface Pretest {
  readonly source: WeighedSource
  readonly side: Side
  readonly prior: Prior
  /** Of people who come another way: referred where these came by themselves, and the other way round. */
  readonly otherwise: Prior
}

/** The sources that the story puts somewhere, the likeliest first; the others start from their last line, and are listed nowhere. */
export function pretestsOf(exam: Pick<Exam, 'symptoms' | 'setting'>, own: readonly OwnPrior[] = []): readonly Pretest[] {
  const other = { ...exam, setting: exam.setting === 'referred' ? ('first-contact' as const) : ('referred' as const) }
  const placed = WEIGHED.flatMap((source) =>
    SIDES.flatMap((side) =>
      isPlaced(source, side, exam) ? [{ source, side, prior: priorOf(source, side, exam, own), otherwise: priorOf(source, side, other, own) }] : [],
    ),
  )
  return placed.toSorted((a, b) => b.prior.p - a.prior.p)
}
