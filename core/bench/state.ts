import type { TestId } from '../catalogue/exam-test'
import type { ForceScore } from '../metrology/force'
import type { EndFeel, PainOrder, SymptomId } from '../record/answer'
import type { Place } from '../vocabulary/body-area'
import type { Quality } from '../vocabulary/quality'
import type { TestSide } from '../vocabulary/side'

/** A test on a side. */
export interface Pair {
  readonly test: TestId
  readonly side: TestSide
  /** The technique it is done in, where it is measured again the way it was. */
  readonly variant?: string
}

/** Something came on and its details are being confirmed; nothing is recorded yet. */
export interface Pending {
  readonly said: 'familiar' | 'other'
  readonly symptom: SymptomId
  readonly places: readonly Place[]
  readonly intensity: number
  /** The intensity was given, and is not only where the keys begin. */
  readonly confirmed: boolean
  /** It was asked for once and not given: the next press keeps it as not asked. */
  readonly unrated: boolean
  /** The place was asked for and cannot be told. */
  readonly placeUnknown: boolean
  /** For something else: what it felt like. */
  readonly qualities: readonly Quality[]
}

/** A strip that lies over the answers: leaving a test out, a warning sign, rating a symptom between tests, another technique, another plan, what was treated, the questions of the safety screen, and what else there is. */
export type Aside = 'skip' | 'warning' | 'rate' | 'technique' | 'plan' | 'questions' | 'more' | 'treatment'

/** A table that is being filled in. */
export interface TableState {
  /** Which table this is: another run, test, side or stage begins an empty one. */
  readonly key: string
  readonly cells: Readonly<Record<string, string>>
  /** The cell in hand, counted through the rows. */
  readonly at: number
  /** Cells in the order they were filled, so that the last can be emptied. */
  readonly filled: readonly string[]
}

/** A hold that is or was timed. */
export interface HoldState {
  /** Seconds it should last. */
  readonly total: number
  /** When it began, in milliseconds on the clock of whoever counts. */
  readonly since: number
  /** Seconds it had lasted when it was last looked at. */
  readonly elapsed: number
  readonly running: boolean
  /** Seconds of rest that follow it; 0 where none do. */
  readonly rest: number
  /** Seconds of each movement that is counted meanwhile; 0 where a position is held. */
  readonly each: number
  /** Seconds of rest left; null while nobody rests. */
  readonly resting: number | null
}

/** The bench beside its record: what is in this hand and not recorded yet. Plain data, so that it can be kept on the device. */
export interface BenchState {
  /** The test chosen by hand; null while the suggested one is in hand. */
  readonly chosen: Pair | null
  /** Tests chosen together, as those of a rule: one after the other, before anything is suggested again. */
  readonly queue: readonly Pair[]
  readonly pending: Pending | null
  readonly aside: Aside | null
  /** The group of the safety screen that the strip of questions is at; the first with an open question while null. */
  readonly askFrom: string | null
  /** The symptom that the rating strip asks about. */
  readonly rated: SymptomId | null
  /** Typed so far; the next answer takes it. */
  readonly typed: string
  /** Trials measured so far at this stage. */
  readonly trials: readonly number[]
  /** What the practitioner should know now, one sentence. */
  readonly hint: string | null
  /** An unusual value that was asked about once; the same again is kept. */
  readonly sure: string | null
  /** Was the patient seen to lean away? Only where the stage watches for it. */
  readonly lean: boolean
  /** What ended the movement or the press, and which came first; null while nobody said. */
  readonly endFeel: EndFeel | null
  readonly painOrder: PainOrder | null
  /** Variants chosen by hand, by test. */
  readonly variants: Readonly<Record<string, string>>
  readonly table: TableState
  readonly hold: HoldState | null
  /** How the last press on a pad was given. */
  readonly press: ForceScore | null
  /** The part to let go, where it can be chosen; the first one while null. */
  readonly part: string | null
  /** A stand-in gave a value of the answer in hand: the answer says so for ever. */
  readonly simulated: boolean
  /** The angle in hand was read from a picture: the answer says so for ever. */
  readonly picture: boolean
}

export const NO_TABLE: TableState = { key: '', cells: {}, at: 0, filled: [] }

/** A bench on which nothing lies. */
export const EMPTY_BENCH: BenchState = {
  chosen: null,
  queue: [],
  pending: null,
  aside: null,
  askFrom: null,
  rated: null,
  typed: '',
  trials: [],
  hint: null,
  sure: null,
  lean: false,
  endFeel: null,
  painOrder: null,
  variants: {},
  table: NO_TABLE,
  hold: null,
  press: null,
  part: null,
  simulated: false,
  picture: false,
}

/** The next of the tests that were chosen together, and those behind it; nothing where none waits. */
export function afterThis({ queue }: Pick<BenchState, 'queue'>): Pick<BenchState, 'chosen' | 'queue'> {
  return { chosen: queue[0] ?? null, queue: queue.slice(1) }
}

/** The same bench with everything of the stage in hand put away; what was chosen stays. */
export function putAway(state: BenchState): BenchState {
  return { ...EMPTY_BENCH, chosen: state.chosen, queue: state.queue, variants: state.variants }
}
