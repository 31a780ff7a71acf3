import type { Place } from '../vocabulary/body-area'
import type { Degrees } from '../vocabulary/degrees'
import type { Intensity } from '../vocabulary/intensity'
import type { Quality } from '../vocabulary/quality'
import type { StageKind } from './outline'

/** A familiar symptom's number in this examination: "S1". */
export type SymptomId = `S${number}`

/** What ended a passive movement or a press, as the hand felt it. */
export const END_FEELS = ['soft', 'firm', 'hard', 'empty'] as const
export type EndFeel = (typeof END_FEELS)[number]

/** Which came first: the own pain, or the resistance under the hand. */
export const PAIN_ORDERS = ['pain-first', 'together', 'resistance-first'] as const
export type PainOrder = (typeof PAIN_ORDERS)[number]

/** A value that came from a simulated device: it is marked wherever it is shown. */
interface FromDevice {
  readonly simulated?: boolean
  /** Its angle was read from a picture: three points on it, placed by hand. The picture itself is not kept. */
  readonly picture?: boolean
}

/** What is watched while a load is given, whatever the patient says. */
interface Watched extends FromDevice {
  /** Leaned back or propped on the hands to get away from it. */
  readonly lean?: boolean
  /** How long the position or load had been held when this was said, in whole seconds. */
  readonly held?: number
  /** The highest load while it was pressed, in newtons, where a pad measured it. */
  readonly newtons?: number
  readonly endFeel?: EndFeel
  readonly painOrder?: PainOrder
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
  /** How strong it is now, while the test holds it; null where it was not asked. */
  readonly intensity: Intensity | null
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

/** What stands beside a change of a symptom that is there. */
interface Changed extends FromDevice {
  /** How strong it is after the change; absent where it was not asked. */
  readonly intensity?: Intensity
  readonly held?: number
  readonly newtons?: number
}

/** What the symptom did when one distant part was let go. */
export interface Released extends Changed {
  readonly said: 'eased' | 'unchanged'
  /** The part that was let go, where it could be chosen. */
  readonly part?: string
}

/** What the symptom did when the part was put back. */
export interface Reloaded extends Changed {
  readonly said: 'returned' | 'stayed-away'
  /** How far the limb was lowered before reloading. */
  readonly lowered?: Degrees
}

/** What a symptom that was there before did while something was taken off it. */
export interface Relieved extends Changed {
  readonly said: 'worse' | 'nothing-to-relieve'
}

/** What the examiner saw or felt, chosen from the few things that can be seen or felt at this stage. */
export interface Observed {
  readonly said: 'observed'
  readonly choice: string
}

/** A range or another quantity, measured up to three times. */
export interface Measured extends FromDevice {
  readonly said: 'measured'
  readonly trials: readonly number[]
  /** What ended the movement, when it was asked. */
  readonly limitedBy?: LimitedBy
  /** Own symptom at the end of the range: the range and the pain are two results. */
  readonly symptom?: SymptomId
  readonly places?: readonly Place[]
  readonly intensity?: Intensity
}

/** What ended a movement. */
export const LIMITS = ['stiffness', 'own-pain', 'other-pain', 'nothing'] as const
export type LimitedBy = (typeof LIMITS)[number]

/** A table filled in at once, as a neurological screen is: cells by "row.column". A cell left out was not examined. */
export interface Grid extends FromDevice {
  readonly said: 'grid'
  readonly cells: Readonly<Record<string, string>>
}

/** What was observed at one stage. Observations only: nobody records "positive". */
export type Answer = Nothing | Stretch | Familiar | Other | Released | Reloaded | Relieved | Observed | Measured | Grid

/** The answers that make sense at each kind of stage. */
export const ANSWERS_AT: Record<StageKind, readonly Answer['said'][]> = {
  load: ['nothing', 'stretch', 'familiar', 'other'],
  release: ['eased', 'unchanged'],
  return: ['returned', 'stayed-away'],
  relief: ['eased', 'unchanged', 'worse', 'nothing-to-relieve'],
  observe: ['observed'],
  measure: ['measured'],
  grid: ['grid'],
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
    case 'worse':
    case 'nothing-to-relieve':
    case 'observed':
    case 'measured':
    case 'grid':
      return undefined
  }
}
