import type { Seen } from '../catalogue/reading/table'

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
  readonly of: readonly string[]
  readonly and?: readonly string[]
  readonly andAny?: readonly string[]
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
  | { readonly seen: readonly { readonly test: string; readonly when: Seen }[]; readonly school?: SchoolChosen }
  /** One of these tests was positive, for either side. */
  | { readonly positive: readonly string[] }
  /** One of these warning signs showed itself. */
  | { readonly warning: readonly string[] }
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
  /** For `before`: the tests that come first, each at least once. */
  readonly until?: readonly string[]
  /** One sentence: why. */
  readonly reason: string
  /** One sentence: what to do now. */
  readonly do: string
}

/** Which tests a gate is about: all, those named, those that load the neck, those that provoke, or a repeat of what closed it. */
export type Barred =
  | { readonly tests: 'all' }
  | { readonly tests: readonly string[] }
  | { readonly neckLoad: true }
  | { readonly provoking: true }
  | { readonly repeats: true }

/** Declare a gate. */
export function defineGate(gate: Gate): Gate {
  return gate
}
