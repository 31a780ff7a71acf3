import type { Place } from '../vocabulary/body-area'
import type { Degrees } from '../vocabulary/degrees'
import type { Intensity } from '../vocabulary/intensity'
import type { Quality } from '../vocabulary/quality'
import type { StageKind } from './outline'

/** A familiar symptom's number in this examination: "S1". */
export type SymptomId = `S${number}`

/** What is watched while a load is given, whatever the patient says. */
interface Watched {
  /** Leaned back or propped on the hands to get away from it. */
  readonly lean?: boolean
}

/** Nothing was felt. */
export interface Nothing extends Watched {
  readonly said: 'nothing'
  /** Where the movement ended, when it was measured. */
  readonly end?: Degrees
}

/** A stretch, a pull or pressure under the hand: ordinary, and not the complaint. */
export interface Stretch extends Watched {
  readonly said: 'stretch'
  readonly places: readonly Place[]
  readonly end?: Degrees
}

/** The patient's own symptom came on. */
export interface Familiar extends Watched {
  readonly said: 'familiar'
  readonly symptom: SymptomId
  readonly places: readonly Place[]
  /** How strong it is now, while the test holds it. */
  readonly intensity: Intensity
  /** Angle at which it began. */
  readonly onset?: Degrees
}

/** Something was felt that is neither a plain stretch nor the complaint. */
export interface Other extends Watched {
  readonly said: 'other'
  readonly places: readonly Place[]
  readonly words?: string
  /** What it felt like; some schools count any tingling or numbness. */
  readonly qualities?: readonly Quality[]
  readonly end?: Degrees
}

/** What the symptom did when one distant part was let go. */
export interface Released {
  readonly said: 'eased' | 'unchanged'
}

/** What the symptom did when the part was put back. */
export interface Reloaded {
  readonly said: 'returned' | 'stayed-away'
  /** How far the limb was lowered before reloading. */
  readonly lowered?: Degrees
}

/** What was observed at one stage. Observations only: nobody records "positive". */
export type Answer = Nothing | Stretch | Familiar | Other | Released | Reloaded

/** The answers that make sense at each kind of stage. */
export const ANSWERS_AT: Record<StageKind, readonly Answer['said'][]> = {
  load: ['nothing', 'stretch', 'familiar', 'other'],
  release: ['eased', 'unchanged'],
  return: ['returned', 'stayed-away'],
}

/** The angle an answer carries, whichever it is. */
export function angleOf(answer: Answer): Degrees | undefined {
  switch (answer.said) {
    case 'familiar':
      return answer.onset
    case 'nothing':
    case 'stretch':
    case 'other':
      return answer.end
    case 'eased':
    case 'unchanged':
    case 'returned':
    case 'stayed-away':
      return undefined
  }
}
