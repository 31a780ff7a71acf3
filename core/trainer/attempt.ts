import type { ExamEvent } from '../record/event'
import type { Urgency } from '../safety/gate'
import type { Side, TestSide } from '../vocabulary/side'
import type { Reach } from './mechanics/strain'
import type { PlayedSource } from './picture'
import type { StoryQuestionId } from './story-questions'

/** How the question at a stage was put. */
export type Asked = 'open' | 'leading' | 'nothing'

/** What the trainee's hands did at a stage, beside what they wrote down. */
export interface HandsOn {
  readonly kind: 'hands'
  /** Milliseconds since 1970. */
  readonly at: number
  readonly test: string
  readonly side: TestSide
  readonly variant: string
  readonly stage: string
  readonly reach: Reach
  /** The farthest a movement went, in degrees, where it was brought back before anybody was asked. */
  readonly farthest?: number
  /** Fast is a jerk: more than twice the speed at which a moment means something. */
  readonly pace: 'slow' | 'fast'
  readonly asked: Asked
}

/** A question of the story that was put to the person. */
export interface StoryAsked {
  readonly kind: 'story'
  readonly at: number
  readonly question: StoryQuestionId
}

/** A question of the safety screen that was read out. */
export interface ScreenRead {
  readonly kind: 'screen'
  readonly at: number
  readonly item: string
}

/** What happens in practice beside the record. */
export type PracticeStep = HandsOn | StoryAsked | ScreenRead

/** What is done next, as the trainee decides. */
export type NextStep = 'treat' | 'refer'

/** What the trainee commits to at the end, before the truth is shown. */
export interface Commitment {
  /** What truly hurts: none, one or two. */
  readonly sources: readonly { readonly source: PlayedSource; readonly side: Side; readonly level: string | null }[]
  /** How sure they are of the first of them, or of none, in percent: 0 to 100. */
  readonly certainty: number
  readonly next: NextStep
  /** How soon, where it is referred; null where it is not. */
  readonly urgency: Urgency | null
}

/** One whole run of a case: what was done, what was written, what was decided. */
export interface Attempt {
  readonly events: readonly ExamEvent[]
  readonly steps: readonly PracticeStep[]
  readonly commitment: Commitment
  readonly committedAt: number
}
