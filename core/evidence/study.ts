/** A paper, as far as it is known here. */
export interface Study {
  readonly id: string
  /** Author, year, journal. */
  readonly cite: string
  /** Who was examined, and against what the tests were judged. */
  readonly people: string
  readonly reference: string
  readonly n: number | null
  /** Studies of one parent cohort are not independent of each other and are never pooled. */
  readonly cohort: string
  /** Has someone held these figures against the paper itself? Until then every screen says so. */
  readonly checkedAgainstPaper: boolean
}

/** A figure with its interval, where the paper gives one. */
export interface Estimate {
  readonly value: number
  /** Lower and upper end of the 95 % interval. */
  readonly interval?: readonly [number, number]
}

/** A two-by-two table of a test against a reference. */
export interface Counts {
  readonly tp: number
  readonly fn: number
  readonly fp: number
  readonly tn: number
}

/** How sure we are that these are the published figures; it says nothing of the study's quality. */
export type Confidence = 'high' | 'medium' | 'low'
