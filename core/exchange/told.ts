import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { nameOfTest } from '../catalogue/retired'
import type { Stage } from '../catalogue/exam-test'
import { routeOf } from '../planner/route'
import type { Answer } from '../record/answer'
import type { Run } from '../record/exam'
import type { Frozen } from '../record/frozen'
import { cellsOf, cellValueWords } from '../record/outline'
import type { TestSide } from '../vocabulary/side'
import { freeze } from './freeze'

/** What an examination says: as it was signed, else as it is read now. Intervals are left to the screens: they take a second each. */
export function toldBy(assessment: Assessment): Frozen {
  return assessment.exam.signed?.frozen ?? once(TOLD, assessment, () => freeze(assessment, { intervals: false }))
}

/** An assessment is never changed in place, and every format asks it the same: what was told is kept with it. */
const TOLD = new WeakMap<Assessment, Frozen>()
const NOT_DONE = new WeakMap<Assessment, readonly NotDone[]>()

function once<T>(known: WeakMap<Assessment, T>, assessment: Assessment, make: () => T): T {
  const kept = known.get(assessment)
  if (kept !== undefined) return kept
  const made = make()
  known.set(assessment, made)
  return made
}

/** A value of one stage of a performance. */
export interface Measure {
  readonly run: string
  readonly test: string
  readonly side: TestSide
  readonly stage: string
  readonly stageName: string
  readonly at: number
  readonly measure: 'angle' | 'lowered' | 'trial' | 'force' | 'hold' | 'intensity' | 'count' | 'cell'
  /** Which one, where there are several of a kind: "1" for the first trial, "l5.strength" for a cell. */
  readonly which: string
  readonly value: number | null
  /** In words, where the value is no number. */
  readonly words: string
  /** UCUM unit; empty for a word. */
  readonly unit: string
  /** Where it came from. */
  readonly from: 'hand' | 'simulated' | 'picture'
}

/** Everything that was measured in a performance, stage by stage. */
export function measuresOf(run: Run): readonly Measure[] {
  const test = testById(run.test)
  return run.answers.flatMap(({ stage: id, answer, at }) => {
    const stage = test?.stages.find((s) => s.id === id)
    const common = { run: run.id, test: run.test, side: run.side, stage: id, stageName: stage?.label ?? id, at, from: origin(answer) }
    return valuesOf(answer, stage).map((value) => ({ ...common, ...value }))
  })
}

function origin(answer: Answer): Measure['from'] {
  if ('picture' in answer && answer.picture) return 'picture'
  return 'simulated' in answer && answer.simulated ? 'simulated' : 'hand'
}

type Value = Pick<Measure, 'measure' | 'which' | 'value' | 'words' | 'unit'>

const figure = (measure: Measure['measure'], value: number | undefined | null, unit: string, which = ''): readonly Value[] =>
  value === undefined || value === null ? [] : [{ measure, which, value, words: '', unit }]

/** UCUM of the units that stages measure in; an angle where none is named. */
const UCUM: Readonly<Record<string, string>> = { '°': 'deg', s: 's', mmHg: 'mm[Hg]', cm: 'cm', N: 'N', kg: 'kg' }

function ucum(stage: Stage | undefined): string {
  const unit = stage?.angle?.unit?.trim()
  return unit === undefined ? 'deg' : (UCUM[unit] ?? '1')
}

function valuesOf(answer: Answer, stage: Stage | undefined): readonly Value[] {
  const loaded = 'newtons' in answer || 'held' in answer ? [...figure('force', answer.newtons, 'N'), ...figure('hold', answer.held, 's')] : []
  const unit = ucum(stage)
  switch (answer.said) {
    case 'familiar':
      return [...figure('angle', answer.onset, unit, 'onset'), ...figure('intensity', answer.intensity, '{score}'), ...loaded]
    case 'nothing':
    case 'stretch':
    case 'other':
      return [...figure('angle', answer.end, unit, 'end'), ...loaded]
    case 'measured':
      return [...answer.trials.flatMap((trial, i) => figure('trial', trial, unit, String(i + 1))), ...figure('intensity', answer.intensity, '{score}')]
    case 'returned':
    case 'stayed-away':
      return [...figure('lowered', answer.lowered, 'deg'), ...figure('intensity', answer.intensity, '{score}'), ...loaded]
    case 'eased':
    case 'unchanged':
    case 'worse':
    case 'nothing-to-relieve':
      return [...figure('intensity', answer.intensity, '{score}'), ...loaded]
    case 'observed':
      return [{ measure: 'cell', which: '', value: null, words: stage?.choices?.find((c) => c.id === answer.choice)?.words ?? answer.choice, unit: '' }]
    case 'grid': {
      const known = stage?.grid ? cellsOf(stage.grid) : []
      return Object.entries(answer.cells).map(([id, value]): Value => {
        const cell = known.find((c) => c.id === id)
        const number = cell?.column.number && value !== '' && Number.isFinite(Number(value)) ? Number(value) : null
        return {
          measure: 'cell',
          which: id,
          value: number,
          words: cell ? `${cell.row.words}, ${cell.column.words}: ${cellValueWords(cell.column, value)}` : `${id}: ${value}`,
          unit: number === null ? '' : '1',
        }
      })
    }
  }
}

/** A test that was not done, and why. */
export interface NotDone {
  readonly test: string
  readonly name: string
  readonly side: TestSide
  readonly as: 'left-out' | 'withheld' | 'open'
  readonly why: string
}

/** Tests that were left out with a reason, kept back by a gate, or planned and not reached. */
export function notDoneIn(assessment: Assessment): readonly NotDone[] {
  return once(NOT_DONE, assessment, () => allNotDone(assessment))
}

function allNotDone(assessment: Assessment): readonly NotDone[] {
  const skipped = assessment.exam.skips.map(({ test, side, why }): NotDone => ({ test, name: nameOfTest(test), side, as: 'left-out', why }))
  const steps = routeOf(assessment)
    .flatMap((leg) => leg.steps)
    .flatMap(({ test, side, state, why }): readonly NotDone[] =>
      state === 'withheld' || state === 'open' ? [{ test: test.id, name: test.name, side, as: state, why: state === 'open' ? '' : why }] : [],
    )
  return [...skipped, ...steps]
}
