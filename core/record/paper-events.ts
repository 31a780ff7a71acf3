import type { LetterUrgency } from '../vocabulary/note-section'
import type { Stamp } from './stamp'

/** A letter that asks somebody else to see the person, word for word as it was kept. Writing it again keeps both. */
export interface LetterWritten extends Stamp {
  readonly type: 'letter-written'
  /** To whom; empty where the line was left blank. */
  readonly to: string
  readonly urgency: LetterUrgency
  /** Whether the person agreed that it is sent. */
  readonly agreed: 'yes' | 'no' | 'not-asked'
  readonly text: string
}

/** What the person was given to take home, as it was kept. */
export interface SummaryGiven extends Stamp {
  readonly type: 'summary-given'
  /** What was agreed, in words for the person; empty where nothing was written. */
  readonly agreed: string
  /** Whether the practitioner asked for percentages in it. */
  readonly figures: boolean
  readonly text: string
}

export type PaperEvent = LetterWritten | SummaryGiven

/** What leaves the examination may be written before and after it is signed: it changes nothing in it. */
export const PAPERS: ReadonlySet<string> = new Set<PaperEvent['type']>(['letter-written', 'summary-given'])
