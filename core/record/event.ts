import type { Place } from '../vocabulary/body-area'
import type { Intensity } from '../vocabulary/intensity'
import type { Quality } from '../vocabulary/quality'
import type { Side, TestSide } from '../vocabulary/side'
import type { Edition } from '../vocabulary/edition'
import type { Answer, SymptomId } from './answer'
import type { SectionId } from '../vocabulary/note-section'
import type { RecordPoint } from './chain'
import type { Frozen } from './frozen'
import type { PaperEvent } from './paper-events'
import type { StopReason, Stirring } from './run'
import type { Stamp } from './stamp'
import type { VisitEvent } from './visit-events'

export type { Stirring } from './run'

/** Opens the record. Names stay outside the log, so that erasing a person never needs to rewrite it. */
export interface ExamOpened extends Stamp {
  readonly type: 'exam-opened'
  readonly examId: string
  readonly personId: string
  /** Whole years on the day of the examination; null when not known. */
  readonly ageYears: number | null
  /** What it is recorded and read with; absent in records made before editions were named. */
  readonly edition?: Edition
}

/** A familiar symptom as the patient tells it. Describing the same number again replaces it. */
export interface SymptomDescribed extends Stamp {
  readonly type: 'symptom-described'
  readonly symptom: SymptomId
  readonly words: string
  readonly places: readonly Place[]
  readonly qualities: readonly Quality[]
  /** Right now, before anything is tested; null while it has not been asked. */
  readonly now: Intensity | null
  /** At its worst and as it usually is, where asked. */
  readonly worst?: Intensity | null
  readonly usual?: Intensity | null
  readonly bringsOn: string
  readonly eases: string
  readonly stirring: Stirring | null
  /** A new symptom: refused where the number was ever given, so that two windows never make one of two. */
  readonly first?: boolean
}

/** A symptom entered by mistake; refused once a test refers to it. */
export interface SymptomRemoved extends Stamp {
  readonly type: 'symptom-removed'
  readonly symptom: SymptomId
}

/** The patient agreed to be tested, after being told what the tests are like. */
export interface ConsentGiven extends Stamp {
  readonly type: 'consent-given'
  readonly form: 'verbal' | 'written'
  /** What was explained, in words; absent in records made before it was asked for. */
  readonly explained?: string
}

/** The patient withdrew consent: the running test ends and no other can start until it is given again. */
export interface ConsentWithdrawn extends Stamp {
  readonly type: 'consent-withdrawn'
}

/** One question of the safety screen was answered. A later answer replaces an earlier one. */
export interface ScreenAnswered extends Stamp {
  readonly type: 'screen-answered'
  readonly item: string
  readonly answer: 'yes' | 'no'
}

/** "No to the rest of this group", after each of these was on screen. Stored as such, with what it answered. */
export interface ScreenRestNo extends Stamp {
  readonly type: 'screen-rest-no'
  readonly group: string
  readonly items: readonly string[]
}

/** A group of the screen was asked elsewhere, as on paper at the door: its questions stay open here, and need not be asked again. */
export interface ScreenElsewhere extends Stamp {
  readonly type: 'screen-elsewhere'
  readonly group: string
  /** Where and by whom. */
  readonly why: string
}

/** A closed gate was opened by the practitioner, with a reason, for what had closed it until then. It stays on the record. */
export interface GateOpened extends Stamp {
  readonly type: 'gate-opened'
  readonly gate: string
  readonly why: string
  /** What had closed it; absent in records made before it was kept, where opening meant everything. */
  readonly causes?: readonly string[]
}

/** A test begins. `run` names this one performance of it. */
export interface TestStarted extends Stamp {
  readonly type: 'test-started'
  readonly run: string
  readonly test: string
  readonly side: TestSide
  readonly variant: string
  /** The moment of the visit: n after treatment n; before any treatment when absent. */
  readonly moment?: number
}

/** What was observed at one stage of a running test. */
export interface StageAnswered extends Stamp {
  readonly type: 'stage-answered'
  readonly run: string
  readonly stage: string
  readonly answer: Answer
}

/** The test ended before its ladder did. */
export interface TestStopped extends Stamp {
  readonly type: 'test-stopped'
  readonly run: string
  readonly why: StopReason
}

/** Of several performances of a test, the one that counts as the first valid one of this visit, and why the others do not. */
export interface RunChosen extends Stamp {
  readonly type: 'run-chosen'
  readonly run: string
  readonly why: string
}

/** The age in whole years was entered wrongly. */
export interface AgeCorrected extends Stamp {
  readonly type: 'age-corrected'
  readonly ageYears: number | null
  readonly why: string
}

/** The record belongs to somebody else than it was opened for. */
export interface WrongPerson extends Stamp {
  readonly type: 'wrong-person'
  readonly why: string
}

/** A test that will not be done this time, and why. */
export interface TestSkipped extends Stamp {
  readonly type: 'test-skipped'
  readonly test: string
  readonly side: TestSide
  readonly why: string
}

/** The examiner gives a performed test another result than the one derived, with a reason. Both stay on the record. */
export interface FindingOverridden extends Stamp {
  readonly type: 'finding-overridden'
  readonly run: string
  /** The side the finding speaks about. */
  readonly about: Side
  readonly result: 'positive' | 'negative' | 'inconclusive'
  readonly why: string
}

/** How strong a symptom is now, between tests: has it settled? */
export interface SymptomRated extends Stamp {
  readonly type: 'symptom-rated'
  readonly symptom: SymptomId
  readonly now: Intensity
}

/** A warning sign showed itself during the examination: a faint, an electric feeling, a symptom in both legs. */
export interface WarningSeen extends Stamp {
  readonly type: 'warning-seen'
  readonly sign: string
}

/** The practitioner put the remaining tests into another order: "test side", first to last. */
export interface RouteOrdered extends Stamp {
  readonly type: 'route-ordered'
  readonly order: readonly string[]
}

/** The schools this examination follows, and the setting its starting odds are taken from. A later choice replaces an earlier one. */
export interface SchoolsChosen extends Stamp {
  readonly type: 'schools-chosen'
  /** School by question; a question that is absent follows the default. */
  readonly schools: Readonly<Record<string, string>>
  readonly setting: Setting
}

/** Where the people examined come from: it decides the starting odds. */
export type Setting = 'first-contact' | 'referred'

/** How the remaining tests are put in order. */
export interface PlanChosen extends Stamp {
  readonly type: 'plan-chosen'
  readonly mode: PlanMode
}

/** Everything that is planned; what settles the most a minute; or the fewest turns of the body. */
export type PlanMode = 'full-baseline' | 'quickest-answer' | 'fewest-turns'

/** Consent was asked again before contact with an intimate region, and a chaperone was offered. */
export interface ConsentRenewed extends Stamp {
  readonly type: 'consent-renewed'
  readonly region: string
  readonly answer: 'agreed' | 'refused'
  readonly chaperone: 'declined' | 'present'
}

/** A fact of the history that some rule or pointer reads. */
export interface FactTold extends Stamp {
  readonly type: 'fact-told'
  readonly fact: string
  readonly answer: 'yes' | 'no'
}

/** Takes one earlier event back. Both stay on the record. */
export interface Undone extends Stamp {
  readonly type: 'undone'
  readonly target: string
}

/** The practitioner's own words for the note, or for one section of it; the latest replaces the earlier. */
export interface NoteWritten extends Stamp {
  readonly type: 'note-written'
  readonly text: string
  /** Absent for the words to the whole. */
  readonly section?: SectionId
}

/** Closes the record: from here on only addenda. */
export interface ExamSigned extends Stamp {
  readonly type: 'exam-signed'
  /** What was read at that moment; absent in records signed before it was kept. */
  readonly frozen?: Frozen
  /** The record it was made from; absent in signatures before it was named. */
  readonly of?: RecordPoint
}

/** Something added after signing. */
export interface AddendumWritten extends Stamp {
  readonly type: 'addendum-written'
  readonly text: string
}

/** Everything that can happen in an examination. */
export type ExamEvent =
  | ExamOpened
  | SymptomDescribed
  | SymptomRemoved
  | ConsentGiven
  | ConsentWithdrawn
  | ScreenAnswered
  | ScreenRestNo
  | ScreenElsewhere
  | GateOpened
  | TestStarted
  | StageAnswered
  | TestStopped
  | RunChosen
  | AgeCorrected
  | WrongPerson
  | TestSkipped
  | FindingOverridden
  | SymptomRated
  | WarningSeen
  | RouteOrdered
  | SchoolsChosen
  | PlanChosen
  | ConsentRenewed
  | FactTold
  | Undone
  | NoteWritten
  | ExamSigned
  | AddendumWritten
  | VisitEvent
  | PaperEvent

/** An event as its maker knows it: the server says who made it. */
export type NewEvent = ExamEvent extends infer E ? (E extends ExamEvent ? Omit<E, 'by'> : never) : never

/** An event before it has a stamp. */
export type EventContent = ExamEvent extends infer E ? (E extends ExamEvent ? Omit<E, 'id' | 'at' | 'by'> : never) : never
