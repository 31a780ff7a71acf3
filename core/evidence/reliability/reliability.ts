import type { Confidence } from '../study'

/** A figure about repeating a test, about what is normal, or about how a result is defined; it never moves a probability. */
export interface Reliability {
  readonly id: string
  /** Tests here that it concerns. */
  readonly of: readonly string[]
  readonly subject: string
  /** What the value is: kappa, ICC, a norm, a definition. */
  readonly property: string
  readonly cite: string
  /** People or studies, as printed. */
  readonly people: string
  readonly value: string
  readonly confidence: Confidence
  readonly note: string
}
