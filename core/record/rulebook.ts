import type { Exam } from './exam'
import type { TestOutline } from './outline'

/** What stands in the way, and what to do. */
export interface Barrier {
  readonly what: string
  readonly todo: string
}

/** As much of a group of screening questions as the record needs. */
export interface ScreenGroupOutline {
  readonly id: string
  /** Each answered by itself, never "no to the rest". */
  readonly singly: boolean
  readonly items: readonly { readonly id: string; readonly onlyIf?: string }[]
}

/**
 * What the record asks others before it takes an event.
 *
 * Given to it, so that what happened never depends on what it means.
 */
export interface Rulebook {
  readonly test: (id: string) => TestOutline | undefined
  /** The safety screen, in its order. */
  readonly screen: readonly ScreenGroupOutline[]
  readonly screenGroupOf: (item: string) => ScreenGroupOutline | undefined
  readonly screenGroup: (id: string) => ScreenGroupOutline | undefined
  /** Is this a gate that a reason can open? */
  readonly opensWithReason: (gate: string) => boolean
  /** What keeps this gate closed now; empty while it is open. */
  readonly closing: (exam: Exam, gate: string) => readonly string[]
  /** Is this one of the warning signs that can show themselves during an examination? */
  readonly isWarning: (sign: string) => boolean
  /** Is this a region before whose contact consent is asked again? */
  readonly isRegion: (region: string) => boolean
  /** Is this a question of the history? */
  readonly isFact: (fact: string) => boolean
  readonly isSchool: (question: string, school: string) => boolean
  /** Why this test may not start, or go on, this way; null when it may. */
  readonly bars: (exam: Exam, test: string, variant: string) => Barrier | null
  /** What has to be asked before anything is done to the person: consent, and the questions that concern this test; null when nothing has. */
  readonly asksFirst: (exam: Exam, test: string, variant: string) => Barrier | null
}
