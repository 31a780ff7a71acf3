import type { Place } from '../vocabulary/body-area'
import type { Intensity } from '../vocabulary/intensity'
import type { Quality } from '../vocabulary/quality'
import type { Side, TestSide } from '../vocabulary/side'
import type { Answer, SymptomId } from './answer'

/** How easily a symptom is stirred up, and how long it takes to settle. */
export interface Stirring {
  /** How much provocation it takes; null while not asked. */
  readonly stirredBy: 'much' | 'some' | 'little' | null
  /** How long it lasts afterwards; null while not asked. */
  readonly settles: 'minutes' | 'half-hour' | 'longer' | null
}

/** A complaint the examination is judged against. */
export interface Symptom {
  readonly id: SymptomId
  readonly words: string
  readonly places: readonly Place[]
  readonly qualities: readonly Quality[]
  readonly now: Intensity | null
  readonly worst: Intensity | null
  readonly usual: Intensity | null
  readonly bringsOn: string
  readonly eases: string
  readonly stirring: Stirring | null
}

/** One answer, where on the ladder it was given, and when. */
export interface StageAnswer {
  readonly event: string
  readonly stage: string
  readonly answer: Answer
  readonly at: number
}

/** Why a test ended before its ladder did. */
export type StopReason = 'patient-asked' | 'examiner-chose' | 'halted'

/** One performance of one test. */
export interface Run {
  readonly id: string
  readonly test: string
  readonly side: TestSide
  readonly variant: string
  /** Edition of the catalogue it is read with: stages added later do not belong to it. */
  readonly catalogue: number
  readonly startedAt: number
  /** The moment of the visit: 0 before anything was treated, n after treatment n. */
  readonly moment: number
  readonly answers: readonly StageAnswer[]
  readonly stopped: StopReason | 'consent-withdrawn' | null
  /** The story it is read against: as it stood when the symptom came on, or at the last answer. */
  readonly story: readonly Symptom[]
}

/** A performance of an earlier visit of the episode, as it stood when this visit was opened. */
export interface EarlierRun extends Run {
  /** The examination it was done in, and which visit of the episode that was, from 1. */
  readonly exam: string
  readonly visit: number
  /** Results that the examiner replaced then, with the reason. */
  readonly overrides: readonly { readonly about: Side; readonly result: 'positive' | 'negative' | 'inconclusive'; readonly why: string }[]
}
