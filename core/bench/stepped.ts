import type { EventContent } from '../record/event'
import type { BenchState } from './state'

/** What came of an input. */
export interface Stepped {
  readonly state: BenchState
  /** To be recorded. When the record refuses them, the state stays what it was. */
  readonly events: readonly EventContent[]
  /** The stage in hand has changed, so whatever runs on the limb is put away. */
  readonly devices?: 'stop'
  /** Nothing of this hand was left to take back: the last entry of the record is. */
  readonly takeBack?: true
}
