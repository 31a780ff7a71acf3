import type { Side } from '../vocabulary/side'

/** True when at least `k` of the parts are. */
export interface AtLeast {
  readonly kind: 'at-least'
  readonly k: number
  readonly of: readonly Rule[]
}

/** True when the part is false. */
export interface Not {
  readonly kind: 'not'
  readonly of: Rule
}

/** True when a test brought the patient's own pain on. */
export interface Positive {
  readonly kind: 'positive'
  readonly test: string
  /** The side whose finding is asked for; `same` is the side the rule is read for. */
  readonly side: Side | 'same'
}

/**
 * A clinical rule as a value.
 *
 * One tree has three readers: {@link evaluate} gives it a truth, {@link explain} puts it into words,
 * {@link openTests} lists what could still settle it.
 */
export type Rule = AtLeast | Not | Positive

/** At least k of these. */
export function atLeast(k: number, of: readonly Rule[]): AtLeast {
  return { kind: 'at-least', k, of }
}

/** All of these. */
export function all(of: readonly Rule[]): AtLeast {
  return atLeast(of.length, of)
}

/** Any of these. */
export function any(of: readonly Rule[]): AtLeast {
  return atLeast(1, of)
}

/** Not this. An open part stays open. */
export function not(of: Rule): Not {
  return { kind: 'not', of }
}

/** The test reproduced the patient's own pain, on the side the rule is read for unless a side is given. */
export function positive(test: string, side: Side | 'same' = 'same'): Positive {
  return { kind: 'positive', test, side }
}
