import type { TestId } from '../catalogue/exam-test'
import type { ForceScore } from '../metrology/force'
import type { Onset } from '../metrology/onset'
import type { LimitedBy, SymptomId } from '../record/answer'
import type { PlanMode } from '../record/event'
import type { TreatmentGiven } from '../record/visit-events'
import type { TestSide } from '../vocabulary/side'
import type { Aside, Pair, Pending } from './state'
import type { TableMove } from './table'

/** Answers that need no details. */
export type PlainAnswer = 'nothing' | 'stretch' | 'eased' | 'unchanged' | 'returned' | 'stayed-away' | 'worse' | 'nothing-to-relieve'

/** What a device on the limb saw when an answer was given. */
export interface Seen {
  /** The farthest rest, in degrees; null where it saw none. */
  readonly end?: number | null
}

/**
 * Everything that can happen on the bench.
 *
 * `run` names the performance that an answer begins, where it begins one; `now` is milliseconds on the clock of whoever asks.
 */
export type BenchInput =
  | { readonly do: 'choose'; readonly test: TestId; readonly side: TestSide }
  /** Several tests, one after the other: those of a rule. */
  | { readonly do: 'choose-all'; readonly pairs: readonly Pair[] }
  | { readonly do: 'take-suggested' }
  /** The next comparable sign that waits in this moment; where none does, what was treated. */
  | { readonly do: 'recheck' }
  /** What was just measured alerts: whatever waited behind it waits no more. */
  | { readonly do: 'alerted'; readonly words: string }
  | { readonly do: 'treat'; readonly treatment: Omit<TreatmentGiven, 'id' | 'at' | 'by' | 'type'> }
  | { readonly do: 'change-side'; readonly side: TestSide }
  | { readonly do: 'change-variant'; readonly variant: string }
  | { readonly do: 'type'; readonly digit: string }
  | ({ readonly do: 'answer'; readonly said: PlainAnswer; readonly run: string; readonly now: number } & Seen)
  | { readonly do: 'observe'; readonly choice: string; readonly run: string }
  | ({ readonly do: 'add-trial' } & Seen)
  | ({ readonly do: 'keep-measured'; readonly run: string; readonly limitedBy?: LimitedBy } & Seen)
  | { readonly do: 'keep-table'; readonly run: string }
  | { readonly do: 'table'; readonly move: TableMove }
  | { readonly do: 'toggle-lean' }
  /** The next of the end feels, or of the orders of pain and resistance; after the last none is said. */
  | { readonly do: 'turn-end-feel' }
  | { readonly do: 'turn-pain-order' }
  | { readonly do: 'toggle-hold'; readonly now: number }
  | { readonly do: 'tick'; readonly now: number }
  | { readonly do: 'ask'; readonly said: Pending['said']; readonly now: number; readonly onset?: Onset | null }
  | { readonly do: 'change'; readonly change: Partial<Pending> }
  | { readonly do: 'next-place' }
  | { readonly do: 'confirm'; readonly run: string; readonly now: number }
  /** The patient says stop: the test in hand ends, and the record says who ended it. */
  | { readonly do: 'stop'; readonly run: string }
  /** Put away what lies open: a strip, details, a figure. Nothing is recorded. */
  | { readonly do: 'cancel' }
  /** A halt closed while a test was under way: it ends. */
  | { readonly do: 'end-halted' }
  | { readonly do: 'consent'; readonly form: 'verbal' | 'written'; readonly explained: string }
  | { readonly do: 'screen'; readonly item: string; readonly answer: 'yes' | 'no' }
  | { readonly do: 'screen-rest'; readonly group: string; readonly items: readonly string[] }
  | { readonly do: 'elsewhere'; readonly group: string; readonly why: string }
  /** On to another group of the safety screen, while its questions are asked on demand. */
  | { readonly do: 'turn-group'; readonly by: 1 | -1 }
  | { readonly do: 'back' }
  | { readonly do: 'open'; readonly aside: Aside | null; readonly now: number }
  | { readonly do: 'skip'; readonly why: string }
  | { readonly do: 'warn'; readonly sign: string }
  | { readonly do: 'rate'; readonly symptom: SymptomId; readonly value: number }
  | { readonly do: 'renew'; readonly answer: 'agreed' | 'refused'; readonly chaperone: 'declined' | 'present' }
  | { readonly do: 'plan'; readonly mode: PlanMode }
  | { readonly do: 'reorder'; readonly order: readonly string[] }
  | { readonly do: 'move'; readonly by: 1 | -1 }
  /** A device was read: its angle stands as if it had been typed. */
  | { readonly do: 'read-angle'; readonly angle: number }
  | { readonly do: 'pressed'; readonly score: ForceScore | null }
  /** Let another part go: the next or the one before. */
  | { readonly do: 'turn-part'; readonly by: 1 | -1 }
  /** A stand-in of a device begins to play: what it gives is marked. */
  | { readonly do: 'stand-in' }
  /** The angle was read from a picture, in whole degrees. */
  | { readonly do: 'from-picture'; readonly angle: number }
  /** An entry was taken back; the test it belonged to is in hand again. */
  | { readonly do: 'took-back'; readonly test: TestId | null; readonly side: TestSide; readonly words: string }
  | { readonly do: 'say'; readonly hint: string | null }
