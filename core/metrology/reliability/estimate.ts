/** A figure with the limits of its 95 % interval. */
export interface Estimate {
  readonly value: number
  readonly low: number
  readonly high: number
}

/** The 97.5th percentile of the normal distribution. */
export const Z = 1.959963984540054
