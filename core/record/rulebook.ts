import type { Exam } from './exam'
import type { TestOutline } from './outline'

/** As much of a group of screening questions as the record needs. */
export interface ScreenGroupOutline {
  readonly id: string
  /** Each answered by itself, never "no to the rest". */
  readonly singly: boolean
  readonly items: readonly { readonly id: string }[]
}

/**
 * What the record asks others before it takes an event.
 *
 * Given to it, so that what happened never depends on what it means.
 */
export interface Rulebook {
  readonly test: (id: string) => TestOutline | undefined
  readonly screenGroupOf: (item: string) => ScreenGroupOutline | undefined
  readonly screenGroup: (id: string) => ScreenGroupOutline | undefined
  /** Is this a gate that a reason can open? */
  readonly opensWithReason: (gate: string) => boolean
  /** Is this one of the warning signs that can show themselves during an examination? */
  readonly isWarning: (sign: string) => boolean
  /** Is this a region before whose contact consent is asked again? */
  readonly isRegion: (region: string) => boolean
  /** Is this a question of the history? */
  readonly isFact: (fact: string) => boolean
  readonly isSchool: (question: string, school: string) => boolean
  /** Why this test may not start this way; null when it may. */
  readonly bars: (exam: Exam, test: string, variant: string) => { readonly what: string; readonly todo: string } | null
}
