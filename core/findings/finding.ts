import type { TestId } from '../catalogue/exam-test'
import type { SymptomId } from '../record/answer'
import type { Place } from '../vocabulary/body-area'
import type { Degrees } from '../vocabulary/degrees'
import type { Intensity } from '../vocabulary/intensity'
import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'

/** What a test said on one side. `not-applicable`: the question it asks did not arise. */
export type Result = 'positive' | 'negative' | 'inconclusive' | 'not-applicable'

/** A result in the field's words, wherever one is read; the reason always stands beside it. */
export const RESULT_WORDS: Record<Result, string> = {
  positive: 'positive',
  negative: 'negative',
  inconclusive: 'inconclusive',
  'not-applicable': 'not applicable',
}

/** What a finding says about one source. */
export interface SourceReading {
  readonly source: SourceId
  readonly direction: 'for' | 'against'
  /** Only a quantified reading can move a probability, and only if the register holds a fitting figure. */
  readonly strength: 'quantified' | 'pointer'
  /** One sentence, built from what was observed. */
  readonly why: string
}

/** The meaning of one performance of one test, for one side. */
export interface Finding {
  readonly test: TestId
  /** The tested side, as the test is named; for a test without a side of its own, where the familiar pain came on. */
  readonly side: Side
  /** The side the finding speaks about. Another than `side` only where one leg's test answers for the other. */
  readonly about: Side
  readonly variant: string
  readonly run: string
  readonly result: Result
  /** Why the result is what it is, in one sentence. */
  readonly why: string
  readonly symptom: SymptomId | null
  readonly places: readonly Place[]
  readonly intensity: Intensity | null
  readonly readings: readonly SourceReading[]
  readonly measures: {
    readonly onset?: Degrees
    readonly end?: Degrees
    readonly lowered?: Degrees
    /** Seconds the position had been held when the familiar symptom came on. */
    readonly held?: number
    /** Mean of the trials by stage, and their standard deviation where there were two or more. */
    readonly means?: Readonly<Record<string, number>>
    readonly spreads?: Readonly<Record<string, number>>
  }
  /** The stage at which the familiar symptom began; null when it did not. */
  readonly onsetStage: string | null
  /** The familiar symptom came on where the test is about, though the result is not positive: it is not negative, and no rule-out may take it for that. */
  readonly reproduced?: true
  /** Positive, and yet no sign of the limb a rule asks about: it points, and feeds no rule. */
  readonly pointsOnly?: true
  /** A value of it came from a simulated device. */
  readonly simulated?: true
  /** The result derived from what was observed, where the examiner gave another; the reason stands in `why`. */
  readonly derived?: { readonly result: Result; readonly why: string }
  /** Things to look at again: "began before 30°: check guarding and the hip". */
  readonly checks: readonly string[]
}

/** What a reader gives back; identity and measures are added by the caller. */
export type Read = Pick<Finding, 'result' | 'why' | 'readings'> & {
  readonly checks?: readonly string[]
  readonly reproduced?: true
  readonly pointsOnly?: true
}
