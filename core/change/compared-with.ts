import { meanOf } from '../findings/measures'
import { angleOf } from '../record/answer'
import type { Exam, Run } from '../record/exam'
import { signKey } from '../record/visit'
import type { TestSide } from '../vocabulary/side'
import type { Changes } from './changes'
import type { SignRun } from './sign-run'

/**
 * What a test in hand is measured against: the baseline of its sign, where this is a recheck; null where it is done for the first time.
 *
 * After a treatment it is the performance before it in this visit, where there is one: that is what the treatment may have changed.
 */
export function comparedWith(
  { signs, visit }: Pick<Changes, 'signs' | 'visit'>,
  hand: { readonly test: { readonly id: string }; readonly side: TestSide },
  exam: Pick<Exam, 'treatments'>,
): SignRun | null {
  const sign = signs.find((s) => s.key === signKey({ test: hand.test.id, side: hand.side }))
  if (!sign) return null
  const before = sign.runs.findLast((r) => r.when.visit === visit && r.when.moment === 0 && r.complete)
  if (exam.treatments.length > 0) return before ?? sign.baseline
  return sign.baseline && sign.baseline.when.visit < visit ? sign.baseline : null
}

/** What was measured at a stage, whichever it was: an onset, an end of range, or the mean of trials. */
export function valueAt(run: Pick<Run, 'answers'>, stage: string): number | undefined {
  const answer = run.answers.findLast((a) => a.stage === stage)?.answer
  return answer && (meanOf(run, stage) ?? angleOf(answer))
}
