import type { ConditionId } from '../catalogue/condition'
import type { TestId } from '../catalogue/exam-test'
import type { LoadsAmong } from '../catalogue/load'
import type { Seen } from '../catalogue/reading/table'
import type { ScreenItemId } from '../story/screen'
import type { WarningId } from './warnings'

/** A question of the screen, or what follows from the age. */
export type ScreenFact = ScreenItemId | AgeFact

/** Facts that follow from the age, so that nobody is asked for them. */
export const AGE_FACTS = ['age-65', 'age-over-50', 'age-over-50-new', 'age-over-70'] as const
export type AgeFact = (typeof AGE_FACTS)[number]

/**
 * What an answer, a result or a sign does.
 *
 * - `halt`: the examination stops for these tests; the action is shown.
 * - `block`: these tests cannot start.
 * - `before`: other tests must come first.
 * - `caution`: the test goes on with a changed technique, shown before its first step.
 *
 * All but a caution open only with a reason typed by the practitioner, which stays on the record.
 */
export type Strength = 'halt' | 'block' | 'before' | 'caution'

/** At least so many of these items of the screen, or facts drawn from age, are true; and all of `and`, and one of `andAny`. */
export interface OnScreen {
  readonly atLeast: number
  readonly of: readonly ScreenFact[]
  readonly and?: readonly ScreenFact[]
  readonly andAny?: readonly ScreenFact[]
}

/** Where practitioners disagree on what follows: this answer of the examination's school to this question. */
export interface SchoolChosen {
  readonly question: string
  readonly school: string
}

/** What closes a gate. */
export type When =
  | OnScreen
  /** One of these was seen in the latest performance of a test. */
  | { readonly seen: readonly { readonly test: TestId; readonly when: Seen }[]; readonly school?: SchoolChosen }
  /** One of these tests was positive, for either side. */
  | { readonly positive: readonly TestId[] }
  /** One of these warning signs showed itself. */
  | { readonly warning: readonly WarningId[] }
  /** Something read from the whole examination. */
  | { readonly state: State }

/** States of the whole examination that close gates. */
export type State = 'irritable' | 'budget-spent' | 'stays-raised' | 'deficit-grew' | 'symptom-spread'

/** A safety rule as data. */
export interface Gate {
  readonly id: string
  readonly strength: Strength
  readonly when: When
  readonly bars: Barred
  /** Conditions of the cards that this gate makes true: it is about every test that names one. */
  readonly carries?: readonly ConditionId[]
  /** For `before`: the tests that come first, each at least once. */
  readonly until?: readonly TestId[]
  /** One sentence: why. */
  readonly reason: string
  /** One sentence: what to do now. */
  readonly do: string
}

/**
 * Which tests a gate is about, by what they do and never by their names: all, those that load a part, those that provoke, a repeat
 * of what closed it. Beside these it is about every test whose card names a condition it carries.
 */
export type Barred =
  | { readonly all: true }
  | {
      readonly loading: LoadsAmong
      /** Not the tests that share this purpose: they are what the gate asks for. */
      readonly but?: string
    }
  | { readonly provoking: true }
  | { readonly repeats: true }
  /** Only those that name a condition it carries. */
  | { readonly named: true }

/** Declare a gate. */
export function defineGate(gate: Gate): Gate {
  return gate
}
