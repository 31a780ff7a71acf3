import type { ConditionId } from '../catalogue/condition'
import type { Grade, TestId } from '../catalogue/exam-test'
import type { LoadsAmong } from '../catalogue/load'
import type { Seen } from '../catalogue/reading/table'
import type { ScreenItemId } from '../story/screen'
import type { WarningId } from './warnings'

/** A question of the screen, or what follows from the age. */
export type ScreenFact = ScreenItemId | AgeFact

/** Facts that follow from the age, so that nobody is asked for them. An age that is not known counts as at risk. */
export const AGE_FACTS = ['age-65', 'age-over-50', 'age-over-50-new', 'age-over-70'] as const
export type AgeFact = (typeof AGE_FACTS)[number]

/**
 * What an answer, a result or a sign does.
 *
 * - `halt`: the examination stops for these tests; the action is shown.
 * - `block`: these tests cannot start.
 * - `before`: other tests must come first.
 * - `caution`: the test goes on with a changed technique, shown before its first step.
 *
 * All but a caution open only with a reason typed by the practitioner, which stays on the record.
 */
export type Strength = 'halt' | 'block' | 'before' | 'caution'

/** At least so many of these items of the screen, or facts drawn from age, are true; and all of `and`, and one of `andAny`. */
export interface OnScreen {
  readonly atLeast: number
  readonly of: readonly ScreenFact[]
  readonly and?: readonly ScreenFact[]
  readonly andAny?: readonly ScreenFact[]
  readonly school?: SchoolChosen
}

/** Where practitioners disagree on what follows: this answer of the examination's school to this question. */
export interface SchoolChosen {
  readonly question: string
  readonly school: string
}

/** What closes a gate. */
export type When =
  | OnScreen
  /** One of these was seen in a performance of a test. */
  | { readonly seen: readonly { readonly test: TestId; readonly when: Seen }[]; readonly school?: SchoolChosen }
  /** One of these tests was positive, for either side, by what was observed or by what the examiner said. */
  | { readonly positive: readonly TestId[] }
  /** One of these warning signs showed itself. */
  | { readonly warning: readonly WarningId[] }
  /** Something read from the whole examination. */
  | { readonly state: State }

/** States of the whole examination that close gates. */
export type State =
  | 'irritable'
  | 'budget-spent'
  | 'stays-raised'
  | 'deficit-grew'
  | 'symptom-spread'
  | 'saddle-loss'
  | 'legs-deficit'
  | 'arms-deficit'
  | 'severe-deficit'
  | 'many-roots'
  | 'cord-sign'
  | 'brisk-reflexes'
  | 'told-otherwise'
  | 'both-joints'
  /** Everybody: for what always comes first. */
  | 'anyone'

/** How soon somebody else has to see the person. */
export type Urgency = 'emergency' | 'same-day' | 'urgent' | 'medical-review'

/** How soon, in words. */
export const URGENCY_WORDS: Readonly<Record<Urgency, string>> = {
  emergency: 'Emergency, now',
  'same-day': 'Medical assessment today',
  urgent: 'Urgent referral',
  'medical-review': 'Medical review',
}

/** Who is called, by urgency; numbers are local and belong to the clinic. */
export const CALL_WORDS: Readonly<Record<Urgency, string>> = {
  emergency: 'Call the local emergency number, and stay with them.',
  'same-day': 'Ring their doctor or the emergency department now, and say what was found.',
  urgent: 'Ring the service that takes urgent spinal referrals, today or tomorrow.',
  'medical-review': 'Arrange an appointment with their doctor.',
}

interface AnyGate {
  readonly id: string
  readonly when: When
  readonly bars: Barred
  /** Conditions of the cards that this gate makes true: it is about every test that names one. */
  readonly carries?: readonly ConditionId[]
  /** One sentence: why. */
  readonly reason: string
  /** One sentence: what to do now. */
  readonly do: string
}

/** A safety rule as data. */
export type Gate =
  | (AnyGate & {
      readonly strength: 'halt'
      readonly urgency: Urgency
      /** What to do with the person at this moment. */
      readonly person: string
    })
  | (AnyGate & {
      readonly strength: 'block'
      /** Opens by itself when what closed it has passed; every other is remembered. */
      readonly passes?: true
    })
  | (AnyGate & {
      readonly strength: 'before'
      /** The tests that come first, complete and on every side they have. */
      readonly until?: readonly TestId[]
    })
  | (AnyGate & { readonly strength: 'caution' })

/**
 * Which tests a gate is about, by what they do and never by their names: all, those that load a part, those that provoke, a repeat
 * of what closed it, or ways of doing them that are stronger than the person bears. Beside these it is about every test whose card
 * names a condition it carries.
 */
export type Barred =
  | {
      readonly all: true
      /** Not the tests that share this purpose: they are what the gate asks for. */
      readonly but?: string
    }
  | {
      /** One of these. */
      readonly loading: LoadsAmong | readonly LoadsAmong[]
      readonly but?: string
      /** Only ways of doing them of these grades. */
      readonly grades?: readonly Grade[]
    }
  | { readonly provoking: true; readonly grades?: readonly Grade[] }
  | { readonly repeats: true }
  /** Only those that name a condition it carries. */
  | { readonly named: true }

/** Declare a gate. */
export function defineGate(gate: Gate): Gate {
  return gate
}

/** Is a gate remembered once it closed? Only those that end by themselves are not. */
export function isRemembered(gate: Gate): boolean {
  return gate.strength === 'halt' || (gate.strength === 'block' && !gate.passes)
}
