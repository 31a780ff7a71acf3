import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import type { Stage } from '../catalogue/exam-test'
import type { Answer } from '../record/answer'
import type { Run } from '../record/exam'
import type { Frozen, FrozenNotDone } from '../record/frozen'
import { cellsOf, cellValueWords } from '../record/outline'
import type { TestSide } from '../vocabulary/side'
import { freeze } from './freeze'
import { leftOut } from './not-done'

/** What an examination says: as it was signed, else as it is read now. Intervals are left to the screens: they take a second each. */
export function toldBy(assessment: Assessment): Frozen {
  const signed = assessment.exam.signed?.frozen
  if (signed) return signed
  const known = TOLD.get(assessment)
  if (known) return known
  const told = freeze(assessment, { intervals: false })
  TOLD.set(assessment, told)
  return told
}

/** An assessment is never changed in place, and every format asks it the same: what was told is kept with it. */
const TOLD = new WeakMap<Assessment, Frozen>()

/** A value of one stage of a performance. */
export interface Measure {
  readonly run: string
  readonly test: string
  readonly side: TestSide
  readonly stage: string
  readonly stageName: string
  readonly at: number
  readonly measure: 'angle' | 'lowered' | 'trial' | 'force' | 'hold' | 'intensity' | 'cell'
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

/** What was not done: as it was signed, else as today's plan has it. Signed before that was kept, a record knows only what was left out. */
export function notDoneIn(assessment: Assessment): readonly FrozenNotDone[] {
  return toldBy(assessment).notDone ?? leftOut(assessment.exam)
}
