import type { AreaId } from '../vocabulary/body-area'
import type { AngleLimits } from '../vocabulary/degrees'
import type { TestSide } from '../vocabulary/side'

/**
 * What a stage does to the patient.
 *
 * - `load`: something is added; the patient says what it brings on.
 * - `release`: the examiner takes one distant part away; does the symptom ease?
 * - `return`: the examiner puts it back; does the symptom come again?
 * - `relief`: something is taken off a symptom that is there already.
 * - `observe`: the examiner sees or feels one of a few things.
 * - `measure`: a quantity is read, up to three times.
 * - `grid`: a small table is filled in, by level, muscle or landmark.
 */
export type StageKind = 'load' | 'release' | 'return' | 'relief' | 'observe' | 'measure' | 'grid'

/**
 * What a stage does to the body, which is what a closed gate asks: something is added, taken away, or only looked at.
 *
 * Going back to rest is always allowed; what puts a load on, or on again, is not.
 */
export type StageEffect = 'adds' | 'eases' | 'looks'

/** One of the few things that can be seen or felt at a stage. */
export interface Choice {
  readonly id: string
  readonly words: string
}

/** A row or a column of a grid. */
export interface GridLine {
  readonly id: string
  readonly words: string
  /** The pressure this row is held at, in mmHg, where a cuff measures it. */
  readonly mmHg?: number
}

/** A column with what can stand in it. */
export interface GridColumn extends GridLine {
  readonly values: readonly Choice[]
  /** A figure is typed instead of choosing a value: its smallest and largest. */
  readonly number?: { readonly min: number; readonly max: number; readonly unit: string }
  /** The value of a healthy person; one key fills it in. */
  readonly usual?: string
  /** Rows that have no such cell. */
  readonly not?: readonly string[]
}

/** A small table: what is looked at, and what can be found. */
export interface GridOutline {
  readonly rows: readonly GridLine[]
  readonly columns: readonly GridColumn[]
}

/** As much of a stage as the record needs in order to check an answer. */
export interface StageOutline {
  readonly id: string
  readonly kind: StageKind
  /** What it does to the body, where its kind does not say. */
  readonly effect?: StageEffect
  /** Edition of the catalogue that added it; an examination opened with an earlier one is never asked for it. */
  readonly since?: number
  /** Asked only when the part that was let go eased the symptom: what did not ease cannot return. */
  readonly ifEased?: true
  /** The start position: what is felt here, in performances since that edition, is the baseline of the test and never a reproduction. */
  readonly baseline?: { readonly since: number }
  /** The parts of which one may be let go, chosen at that moment; each once the stage that added it was answered, or always where it names none. */
  readonly parts?: readonly (Choice & { readonly addedBy: readonly string[] })[]
  /** Whether the patient leans back or props on the hands is watched here. */
  readonly leanWatched?: true
  /** Present when an angle can be recorded at this stage. */
  readonly angle?: AngleLimits
  /** How long the position or load is held, in seconds; the time it was really held is recorded. */
  readonly holdSeconds?: number
  /** Timed from the moment it is in hand, without a key. */
  readonly timedAtOnce?: true
  /** Rest after each hold, in seconds; it is timed by itself. */
  readonly restSeconds?: number
  /** Load that the press aims at, in newtons; the load it reached can be recorded. */
  readonly force?: readonly [number, number]
  /** What can be observed, at an `observe` stage. */
  readonly choices?: readonly Choice[]
  /** The table, at a `grid` stage. */
  readonly grid?: GridOutline
  /** Asked only when the own symptom lies wholly in these areas (`only`), or only when it does not (`unless`). */
  readonly whenAt?: { readonly is: 'only' | 'unless'; readonly areas: readonly AreaId[] }
  /** Asked only when one of these was observed at an earlier stage; any of several where it is a list, in performances since that edition. */
  readonly when?: { readonly stage: string; readonly chose: readonly string[] }
  readonly whenAny?: { readonly of: readonly { readonly stage: string; readonly chose: readonly string[] }[]; readonly since: number }
  /** Asked only when the own symptom came on, in performances since that edition. */
  readonly ifReproduced?: { readonly since: number }
  /** Not asked any more once one of these measured stages was ended by the own pain. */
  readonly unlessPainAt?: readonly string[]
}

/** One school's way of doing a test. */
export interface VariantOutline {
  readonly id: string
  readonly name: string
  /** Its stages in its own order; all stages in their usual order when absent. */
  readonly stages?: readonly string[]
  /** Replaced by another way: what was recorded in it stays readable, and it is not offered any more. */
  readonly retired?: true
}

/** As much of a test as the record needs; the catalogue's definitions satisfy it. */
export interface TestOutline {
  readonly id: string
  readonly name: string
  readonly sides: 'each' | 'none'
  readonly variants: readonly VariantOutline[]
  readonly stages: readonly StageOutline[]
  /** Where the own symptom ends the ladder, in performances recorded since that edition; anywhere when absent. */
  readonly endsAt?: { readonly areas: readonly AreaId[]; readonly since: number }
  /** Contact before which consent is asked again and a chaperone offered. */
  readonly intimate?: string
  /** A test that only makes sense after another one reproduced the symptom on the same side. */
  readonly follows?: string
}

/**
 * The stages of one way of doing a test, in its order.
 *
 * @param catalogue - the edition they are read with; stages added later are left out
 */
export function stagesOf<S extends StageOutline>(
  test: { readonly stages: readonly S[]; readonly variants: readonly VariantOutline[] },
  variant: string,
  catalogue = Infinity,
): readonly S[] {
  const order = test.variants.find((v) => v.id === variant)?.stages
  const stages = order ? order.flatMap((id) => test.stages.filter((stage) => stage.id === id)) : test.stages
  return stages.filter((stage) => (stage.since ?? 0) <= catalogue)
}

/** What a stage does to the body. Only letting go eases by its kind; whatever is moved, pressed or put back adds. */
export function effectOf({ kind, effect }: Pick<StageOutline, 'kind' | 'effect'>): StageEffect {
  return effect ?? (kind === 'release' ? 'eases' : 'adds')
}

/** The cells a grid has, as "row.column", row by row. */
export function cellsOf({ rows, columns }: GridOutline): readonly { readonly id: string; readonly row: GridLine; readonly column: GridColumn }[] {
  return rows.flatMap((row) => columns.flatMap((column) => (column.not?.includes(row.id) ? [] : [{ id: `${row.id}.${column.id}`, row, column }])))
}

/** The sides a test can be performed on. */
export function sidesOf(test: Pick<TestOutline, 'sides'>): readonly TestSide[] {
  return test.sides === 'each' ? ['left', 'right'] : ['none']
}

/** The ways that are offered now: those that were not replaced. */
export function offered<V extends VariantOutline>(variants: readonly V[]): readonly V[] {
  return variants.filter((v) => !v.retired)
}

/** Can this stand in a cell of that column? */
export function fitsColumn({ values, number }: Pick<GridColumn, 'values' | 'number'>, value: string): boolean {
  if (!number) return values.some((v) => v.id === value)
  return /^[0-9]{1,3}$/.test(value) && Number(value) >= number.min && Number(value) <= number.max
}

/** What stands in a cell, in words. */
export function cellValueWords({ values, number }: Pick<GridColumn, 'values' | 'number'>, value: string): string {
  return number ? `${value} ${number.unit}` : (values.find((v) => v.id === value)?.words ?? value)
}
