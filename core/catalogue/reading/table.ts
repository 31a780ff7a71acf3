import type { Answer, LimitedBy } from '../../record/answer'
import type { AreaId } from '../../vocabulary/body-area'
import type { SourceId } from '../../vocabulary/source'

/** FamiliarSymptom symptom came on, there, at one of these stages. */
interface FamiliarSymptom {
  readonly kind: 'familiar'
  /** Anywhere when absent. */
  readonly at?: readonly AreaId[]
  readonly side: 'tested' | 'other' | 'either'
  /** Any stage when absent; `{side}` in a name stands for the side that is read. */
  readonly stages?: readonly string[]
  /** Only one that tingles, is numb, burns or shoots. */
  readonly shooting?: true
}

/** One of these was observed at a stage. */
interface Chose {
  readonly kind: 'chose'
  readonly stage: string
  readonly choices: readonly string[]
}

/** At least so many cells of a table hold one of these values. `{side}` in a name stands for the side that is read. */
interface Cells {
  readonly kind: 'cells'
  readonly stage: string
  readonly column: string
  readonly rows?: readonly string[]
  readonly values: readonly string[]
  readonly atLeast: number
}

/** The mean of the trials at a stage lies within these bounds, both included. */
interface Mean {
  readonly kind: 'mean'
  readonly stage: string
  readonly from: number
  readonly to: number
}

/** What ended the movement. */
interface Limited {
  readonly kind: 'limited'
  readonly stage: string
  readonly by: readonly LimitedBy[]
}

/** One of these was said, at that stage or at any. */
interface Said {
  readonly kind: 'said'
  readonly what: readonly Answer['said'][]
  readonly stage?: string
}

/** It was done in one of these ways. */
interface InVariant {
  readonly kind: 'in-variant'
  readonly variants: readonly string[]
}

/** Strength, reflex or feeling lost in one of these rows; a reflex is compared with the other side. */
interface LostNerve {
  readonly kind: 'deficit'
  readonly of: 'strength' | 'reflex' | 'sensation'
  readonly rows?: readonly string[]
}

/** The tested side is the one that is read (`same`), or the other one: for tests that load both. */
interface TestedSide {
  readonly kind: 'tested-side'
  readonly is: 'same' | 'other'
}

/** The story paints a symptom there, on the side that is read. */
interface Painted {
  readonly kind: 'painted'
  readonly at: readonly AreaId[]
}

/** At least k of these hold. */
interface Some {
  readonly kind: 'some'
  readonly k: number
  readonly of: readonly Seen[]
}

interface Unless {
  readonly kind: 'unless'
  readonly of: Seen
}

/** What can be asked of one performance. A value: the screen can list it, and nothing in it is code. */
export type Seen = FamiliarSymptom | Chose | Cells | Mean | Limited | Said | InVariant | LostNerve | TestedSide | Painted | Some | Unless

/** What a line says about a source. */
export interface Points {
  readonly source: SourceId
  readonly direction: 'for' | 'against'
  readonly strength: 'quantified' | 'pointer'
}

/** When this was seen, the result is that, because. */
export interface Line {
  readonly when: Seen
  readonly result: 'positive' | 'negative' | 'inconclusive' | 'not-applicable'
  /** Finishes the reason: "own symptom in the arm". */
  readonly says: string
  readonly points: readonly Points[]
}

/** Something seen that points somewhere, whatever the result is. */
export type Also = Omit<Line, 'result'>

/**
 * A reading written as a table: the first line that was seen decides.
 *
 * For tests whose result is looked up rather than computed.
 */
export interface Table {
  readonly kind: 'table'
  readonly source: SourceId
  readonly lines: readonly Line[]
  /** When no line was seen and the test was done to its end. */
  readonly otherwise: Omit<Line, 'when'>
  readonly also: readonly Also[]
  /** Places offered when something comes on; a place that was not recorded leaves the result open where there are any. */
  readonly counts: readonly AreaId[]
  /** No finding unless one of these stages was answered, as when another test fills this one. */
  readonly needs?: readonly string[]
  /** A side that ends this much earlier than the other at this stage decides like a line. */
  readonly sideLoss?: Omit<Line, 'when'> & { readonly stage: string; readonly by: number }
  /** Two stages that measured the same range, told against the smallest real change, in degrees. */
  readonly gain?: { readonly before: string; readonly after: string; readonly mdc: number }
  /** The scores of craniocervical flexion are told. */
  readonly scores?: { readonly pressures: string; readonly holds: string }
  /** Tables that are climbed step by step and end before their last row: their empty cells are not missing. */
  readonly steps?: readonly string[]
  /** A score chosen at this stage is told with the other side's: both together, of so many. */
  readonly sum?: { readonly stage: string; readonly of: number }
  /** What is seen on both sides at once is read for the sore side, where one is sore. */
  readonly soreSide?: true
  /** Equal on both sides under equal pressure: it may be the pressure. */
  readonly pressing?: true
}

/** FamiliarSymptom symptom on the tested side. */
export function familiar(at?: readonly AreaId[], more: Partial<Pick<FamiliarSymptom, 'side' | 'stages' | 'shooting'>> = {}): FamiliarSymptom {
  return { kind: 'familiar', ...(at && { at }), side: 'tested', ...more }
}

/** One of these was observed at that stage. */
export function chose(stage: string, ...choices: readonly string[]): Chose {
  return { kind: 'chose', stage, choices }
}

/** Cells of one column that hold one of these values. */
export function cells(stage: string, column: string, values: readonly string[], atLeast = 1, rows?: readonly string[]): Cells {
  return { kind: 'cells', stage, column, values, atLeast, ...(rows && { rows }) }
}

/** The mean of the trials lies from here to there. */
export function mean(stage: string, from: number, to: number): Mean {
  return { kind: 'mean', stage, from, to }
}

/** What ended the movement. */
export function limited(stage: string, ...by: readonly LimitedBy[]): Limited {
  return { kind: 'limited', stage, by }
}

/** One of these was said. */
export function said(what: readonly Answer['said'][], stage?: string): Said {
  return { kind: 'said', what, ...(stage && { stage }) }
}

/** Done in one of these ways. */
export function inVariant(...variants: readonly string[]): InVariant {
  return { kind: 'in-variant', variants }
}

/** Lost there, read against the other side. */
export function lost(of: LostNerve['of'], rows?: readonly string[]): LostNerve {
  return { kind: 'deficit', of, ...(rows && { rows }) }
}

/** The tested side is the one that is read, or the other. */
export function testedSide(is: TestedSide['is']): TestedSide {
  return { kind: 'tested-side', is }
}

/** The story paints a symptom there. */
export function painted(at: readonly AreaId[]): Painted {
  return { kind: 'painted', at }
}

/** All of these. */
export function allOf(...of: readonly Seen[]): Some {
  return { kind: 'some', k: of.length, of }
}

/** Any of these. */
export function anyOf(...of: readonly Seen[]): Some {
  return { kind: 'some', k: 1, of }
}

/** Not this. */
export function unless(of: Seen): Unless {
  return { kind: 'unless', of }
}

/** Speaks for a source, and moves its estimate where the register holds one. */
export function speaksFor(source: SourceId): Points {
  return { source, direction: 'for', strength: 'quantified' }
}

/** Speaks against a source, and moves its estimate where the register holds one. */
export function speaksAgainst(source: SourceId): Points {
  return { source, direction: 'against', strength: 'quantified' }
}

/** Points to a source without a figure. */
export function pointsTo(source: SourceId): Points {
  return { source, direction: 'for', strength: 'pointer' }
}

/** Points away from a source without a figure. */
export function pointsAway(source: SourceId): Points {
  return { source, direction: 'against', strength: 'pointer' }
}

/** Declare a table; what is left out is empty. */
export function table(t: Omit<Table, 'kind' | 'also' | 'counts'> & Partial<Pick<Table, 'also' | 'counts'>>): Table {
  return { kind: 'table', also: [], counts: [], ...t }
}

/** A line of a table. */
export function line(when: Seen, result: Line['result'], says: string, ...points: readonly Points[]): Line {
  return { when, result, says, points }
}

/** The last line of a table. */
export function otherwise(result: Line['result'], says: string, ...points: readonly Points[]): Omit<Line, 'when'> {
  return { result, says, points }
}

/** Something that points, whatever the result. */
export function also(when: Seen, says: string, ...points: readonly Points[]): Also {
  return { when, says, points }
}
