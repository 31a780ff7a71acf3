/** What became of a measure or a sign. */
export type Verdict = 'better' | 'same' | 'worse'

/** How far two measurements differ by themselves, and where that is known from. */
export interface ErrorUsed {
  readonly value: number
  readonly unit: string
  /** An own reliability series, a published figure, or the rule of the field where neither is known. */
  readonly from: 'own' | 'published' | 'rule'
  /** In words: "published, J04, low confidence". */
  readonly words: string
}

/** One measure of a sign, twice. */
export interface MeasureChange {
  readonly measure: 'angle' | 'intensity' | 'stage' | 'seconds' | 'result' | 'nerves' | 'place'
  /** Null where the difference decides nothing, as where its error is not known. */
  readonly verdict: Verdict | null
  /** "onset 42° → 61° (+19°, error 10°)" */
  readonly words: string
  readonly error: ErrorUsed | null
  /** The two figures, where it is drawn. */
  readonly figures?: { readonly before: number; readonly after: number; readonly unit: string; readonly freer: 'more' | 'less' }
  /** A loss of strength, reflex or feeling stops the examination. */
  readonly halts?: true
}

/** A figure with its sign, rounded to a tenth: "+19", "−4.5", "±0". */
export function signed(value: number): string {
  const tenths = Math.round(value * 10) / 10
  return tenths < 0 ? `−${-tenths}` : tenths > 0 ? `+${tenths}` : '±0'
}

/** Which way a difference goes, where so much of it is more than error. */
export function beyond(gain: number, error: number): Verdict {
  return Math.abs(gain) > error ? (gain > 0 ? 'better' : 'worse') : 'same'
}
