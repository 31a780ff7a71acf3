/**
 * What an answer of the screen does.
 *
 * - `halt`: the examination stops for these tests; the action is shown.
 * - `block`: these tests cannot start.
 * - `caution`: the test goes on with a changed technique, shown before its first step.
 *
 * Halts and blocks open only with a reason typed by the practitioner, which stays on the record.
 */
export type Strength = 'halt' | 'block' | 'caution'

/** A safety rule as data. */
export interface Gate {
  readonly id: string
  readonly strength: Strength
  /** Closed when at least this many of these items were answered yes. */
  readonly when: { readonly atLeast: number; readonly of: readonly string[] }
  readonly bars: Barred
  /** One sentence: why. */
  readonly reason: string
  /** One sentence: what to do now. */
  readonly do: string
}

/** Which tests a gate is about: all, those named, or those done in some way. */
export type Barred = { readonly tests: 'all' } | { readonly tests: readonly string[] } | { readonly neckLoad: true }

/** Ways of doing tests that load the neck; each other way of the same test does not. */
export const NECK_LOAD: Readonly<Record<string, readonly string[]>> = {
  slump: ['trunk-neck-knee-ankle', 'neck-first', 'ankle-first', 'released-at-ankle', 'any-symptom'],
}

/** Is this test, done this way, one the gate is about? */
export function isBarred(bars: Barred, test: string, variant: string): boolean {
  if ('neckLoad' in bars) return NECK_LOAD[test]?.includes(variant) ?? false
  return bars.tests === 'all' || bars.tests.includes(test)
}

/** Declare a gate. */
export function defineGate(gate: Gate): Gate {
  return gate
}
