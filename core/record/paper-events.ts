import type { RecordPoint } from './chain'
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
  /** The record it was written from; absent in letters before it was named. */
  readonly of?: RecordPoint
  /** IANA name of the time zone in which its times are told. */
  readonly zone?: string
  /** The practitioner changed the body that the record gave; it is theirs then, and told as theirs. */
  readonly edited?: boolean
}

/** What the person was given to take home, as it was kept. */
export interface SummaryGiven extends Stamp {
  readonly type: 'summary-given'
  /** What was agreed, in words for the person; empty where nothing was written. */
  readonly agreed: string
  /** Whether the practitioner asked for percentages in it. */
  readonly figures: boolean
  readonly text: string
  /** The record it was written from; absent in summaries before it was named. */
  readonly of?: RecordPoint
}

export type PaperEvent = LetterWritten | SummaryGiven

/** A paper under the name of its file: "letter-1", "summary-1". */
export interface NumberedPaper {
  readonly paper: PaperEvent
  readonly kind: 'letter' | 'summary'
  /** From 1, among those of its kind. */
  readonly n: number
}

/** Papers with their numbers, the oldest first: the same on screens, in addresses and in archives. */
export function numberedPapers(papers: readonly PaperEvent[]): readonly NumberedPaper[] {
  const kindOf = (paper: PaperEvent) => (paper.type === 'letter-written' ? 'letter' : 'summary')
  return papers.map((paper, i) => ({ paper, kind: kindOf(paper), n: papers.slice(0, i + 1).filter((p) => p.type === paper.type).length }))
}

/** What leaves the examination may be written before and after it is signed: it changes nothing in it. */
export const PAPERS: ReadonlySet<string> = new Set<PaperEvent['type']>(['letter-written', 'summary-given'])
