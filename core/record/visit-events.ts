import type { BodyArea } from '../vocabulary/body-area'
import type { TestSide } from '../vocabulary/side'
import type { SymptomId } from './answer'
import type { EarlierRun } from './run'
import type { Stamp } from './stamp'

/** What is done to somebody between two measurements. */
export const TREATMENTS = ['manual', 'exercise', 'advice', 'needling', 'other'] as const
export type TreatmentKind = (typeof TREATMENTS)[number]

/** How the person says it is after a treatment. */
export const RESPONSES = ['better', 'same', 'worse'] as const
export type Response = (typeof RESPONSES)[number]

/** What the practitioner says of a sign: measure it again whatever is proposed, leave it out, or as proposed. */
export type SignMark = 'pinned' | 'dropped' | 'proposed'

/** A test on a side, with what was said of it as a comparable sign, and why. */
export interface MarkedSign {
  readonly test: string
  readonly side: TestSide
  readonly as: SignMark
  readonly why: string
}

/** A treatment of an earlier visit of the episode. */
export interface EarlierTreatment {
  readonly exam: string
  readonly at: number
  readonly kind: TreatmentKind
}

/** A performance that was said to be the baseline of its test, side and variant, and why. */
export interface PinnedBaseline {
  readonly run: string
  readonly why: string
}

/**
 * This examination is a later visit of an episode that began earlier.
 *
 * Stands right behind the opening and nowhere else. It brings what this visit is compared with, so that a record can be read by itself:
 * without the other ones, and without a server.
 */
export interface EpisodeContinued extends Stamp {
  readonly type: 'episode-continued'
  /** The examination with which the episode began; an episode has no other name. */
  readonly episode: string
  /** Which visit of it this is, from 2. */
  readonly visit: number
  /** Numbers that symptoms were given in the episode: they keep them, and a new complaint gets the next. */
  readonly given: readonly SymptomId[]
  /** Performances of earlier visits that this one is compared with. */
  readonly earlier: readonly EarlierRun[]
  readonly treated: readonly EarlierTreatment[]
  /** Comparable signs as they stood after the visit before, in their order. */
  readonly signs: readonly MarkedSign[]
  readonly baselines: readonly PinnedBaseline[]
}

/** What was done between two measurements. What is measured after it belongs to another moment of the visit. */
export interface TreatmentGiven extends Stamp {
  readonly type: 'treatment-given'
  readonly kind: TreatmentKind
  readonly region: BodyArea['zone']
  readonly side: 'left' | 'right' | 'both'
  readonly words: string
  /** How the person says it is now; null while not asked. */
  readonly response: Response | null
}

/** The answer to "better, the same or worse?" after a treatment, where it came later. */
export interface TreatmentAnswered extends Stamp {
  readonly type: 'treatment-answered'
  /** Which treatment of the visit, from 1. */
  readonly treatment: number
  readonly response: Response
}

/** A comparable sign was pinned or dropped; the latest of a test and side counts. */
export interface SignMarked extends Stamp {
  readonly type: 'sign-marked'
  readonly test: string
  readonly side: TestSide
  readonly as: SignMark
}

/** Another performance than the first is what its test, side and variant are compared with. */
export interface BaselinePinned extends Stamp {
  readonly type: 'baseline-pinned'
  readonly run: string
  readonly why: string
}

/** Events of going on with an episode. */
export type VisitEvent = EpisodeContinued | TreatmentGiven | TreatmentAnswered | SignMarked | BaselinePinned
