import type { StageOutline, TestOutline, VariantOutline } from '../record/outline'
import type { Contact, Pose } from '../vocabulary/pose'
import type { Posture } from '../vocabulary/posture'
import type { BodyArea } from '../vocabulary/body-area'
import { capital } from '../vocabulary/sentence'
import type { Kebab } from '../vocabulary/kebab'
import { otherSide, type Side, type TestSide } from '../vocabulary/side'
import type { Contraindication, Precaution } from './condition'
import type { Load, LoadedPart } from './load'
import type { Phase } from './phase'
import type * as roll from './roll'
import type { Reading } from './reading/reading'

/** One step of a test: one movement, one question. */
export interface Stage extends StageOutline {
  /** Two or three words for the ladder: "Raise to first symptom". */
  readonly label: string
  /** What to do, one sentence to the examiner; `{side}` and `{other}` stand for the tested and the other side. */
  readonly do: string
  /** What to ask, never leading: first what, then where, then whether it is what they came with. */
  readonly ask: string
  /** How long the position or load is held, in seconds; 0 when it is not. */
  readonly holdSeconds: number
  /** Load that the press aims at, lower and upper edge in newtons. */
  readonly force?: readonly [number, number]
  /** The part this stage lets go, as a reason says it: "the neck". */
  readonly letsGo?: string
  /** Done by the patient alone: no hand is drawn. */
  readonly handsOff?: true
  readonly pose: Pose
}

/** The id of a test: what its line in the roll is called. */
export type TestId = Kebab<keyof typeof roll>

/** How strong a way of doing a test is: what a weak bone and an irritable joint bear, the plain way, the full force, or with something more put on. */
export type Grade = 'light' | 'plain' | 'full' | 'sensitised'

/** One school's way of doing the test. The first is the default. */
export interface Variant extends VariantOutline {
  /** How hard and how long, where schools differ; shown on the card. */
  readonly how?: string
  /** Seconds it takes, where they differ from the test's own. */
  readonly seconds?: number
  /** The posture of this way, where it differs. */
  readonly posture?: Posture
  /** The side that this way loads first, where a test takes both in turn; the better one comes first. */
  readonly first?: Side
  /** How strong this way is; plain when absent. */
  readonly grade?: Grade
  /** What is done, said or drawn otherwise in this way, by stage. */
  readonly changes?: Readonly<Record<string, Partial<Pick<Stage, 'label' | 'do' | 'pose' | 'holdSeconds'>>>>
  /** Holds at every stage of this way: a sentence before the instruction, and a hand more in the drawing. */
  readonly throughout?: { readonly says: string; readonly hand?: Contact }
  /** Ways of different schools that this one follows at once. */
  readonly honours?: readonly string[]
  /** Parts that the test loads and this variant leaves alone. */
  readonly spares?: readonly LoadedPart[]
}

/** All that is known of one test. Data only: a clinician can read it against a textbook. */
export interface ExamTest extends TestOutline {
  readonly id: TestId
  /** One or two words for a chip: "thigh thrust". */
  readonly short: string
  readonly alsoCalled: readonly string[]
  readonly region: 'neck' | 'arm' | 'back' | 'leg' | 'pelvis'
  /** Where a complaint lies for which the route plans this test; on call only (by name) when empty. */
  readonly plannedFor: readonly BodyArea['zone'][]
  /** Contact before which consent is asked again and a chaperone offered. */
  readonly intimate?: IntimateRegion
  readonly purpose: string
  /** What was done, as the person would tell it at home; `{side}` stands for the side. Read after "when we". */
  readonly plain: string
  /** Structures the test stresses, most first. */
  readonly structures: readonly string[]
  readonly posture: Posture
  /** Its place among the tests of one posture. */
  readonly phase: Phase
  /** Comes after this one of the same posture and phase, whatever the two do. */
  readonly after?: TestId
  /** Which sides the route plans: both, better side first; or the painful side, where the published rule reads it. */
  readonly plan: 'better-side-first' | 'painful-side'
  readonly seconds: number
  /** How likely it is to stir the symptom up: 0 not at all, 3 most. */
  readonly provocative: 0 | 1 | 2 | 3
  /** What it does to the body: gates bar by this. */
  readonly loads: readonly Load[]
  readonly variants: readonly Variant[]
  readonly stages: readonly Stage[]
  /** What is usual in healthy people, as an anchor for the eye; shown beside the ladder. */
  readonly anchors?: readonly string[]
  /** What may be felt without counting; shown beside the ladder. */
  readonly doesNotCount: readonly string[]
  /** Do not do the test when ... A condition bars it wherever the condition holds; nothing else has to be edited. */
  readonly notWith: readonly Contraindication[]
  /** Change the technique when ... */
  readonly careWith: readonly Precaution[]
  readonly faults: readonly string[]
  readonly reading: Reading
  readonly follows?: TestId
  /** Loads both sides although it is done on each: own pain on the other side is a finding about that side. */
  readonly loadsBoth?: true
  /** Answered already by this test when that is done on the same side; never repeated. */
  readonly filledBy?: TestId
  /** Offered right after this test of the same side, while that stayed quiet; a symptom there ends the chain. */
  readonly chain?: { readonly after: TestId }
  /** Tests that share a cause are not independent evidence. */
  readonly shares: readonly string[]
}

/** Regions before whose contact consent is asked again; undressing is asked about the same way. */
export const INTIMATE = ['pubic', 'groin', 'sacral', 'abdomen', 'rib-margin', 'undressing'] as const
export type IntimateRegion = (typeof INTIMATE)[number]

/** Complaints of the low back, pelvis and leg; and of the neck and arm. */
export const LOWER: ExamTest['plannedFor'] = ['low-back', 'pelvis', 'thigh', 'below-knee']
export const UPPER: ExamTest['plannedFor'] = ['head', 'neck', 'arm']
/** Every spinal complaint. */
export const SPINE: ExamTest['plannedFor'] = [...UPPER, 'trunk', ...LOWER]

/** Declare a test. Checks nothing at run time: the types and catalogue.test.ts do. */
export function defineTest(test: ExamTest): ExamTest {
  return test
}

/** How the body lies in this way of a test. */
export function postureIn(test: Pick<ExamTest, 'posture' | 'variants'>, variant: string): Posture {
  return test.variants.find((v) => v.id === variant)?.posture ?? test.posture
}

/** A stage as it is done in this way: its own words and drawing where the way has them. */
export function stageAs(test: Pick<ExamTest, 'variants'>, variant: string, stage: Stage): Stage {
  const { changes, throughout } = test.variants.find((v) => v.id === variant) ?? {}
  const changed = { ...stage, ...changes?.[stage.id] }
  if (!throughout) return changed
  const { says, hand } = throughout
  return { ...changed, do: `${says} ${changed.do}`, pose: hand ? { ...changed.pose, contacts: [...changed.pose.contacts, hand] } : changed.pose }
}

/** The question every stage asks, in an order that does not lead. */
export const ASK = 'What do you feel? Where? Is that what you came with?'

/**
 * Put the tested side into an instruction.
 *
 * @example instruct('Raise the {side} leg.', 'left') // "Raise the left leg."
 */
export function instruct(text: string, side: TestSide): string {
  if (side === 'none') return text
  return capital(text.replaceAll('{side}', side).replaceAll('{other}', otherSide(side)))
}

/** A test's name with its side, as it stands in lists: "Thigh thrust, right". */
export function testTitle(test: Pick<ExamTest, 'name'>, side: TestSide): string {
  return side === 'none' ? test.name : `${test.name}, ${side}`
}
