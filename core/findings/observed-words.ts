import { cellsOf, cellValueWords, type StageOutline } from '../record/outline'
import type { Run } from '../record/exam'
import { inSentence, listWords } from '../vocabulary/sentence'
import { meanOf, spreadOf } from './measures'

/** At most this many cells are told; more are counted. */
const MOST = 5

/**
 * What was seen, measured or filled in, in words: "C6 elbow bend strength 4 and biceps reflex 1".
 *
 * Only what differs from the usual is told of a table; a quiet table tells nothing.
 */
export function observedWords(stages: readonly StageOutline[], run: Pick<Run, 'answers'>): string {
  return run.answers
    .flatMap(({ stage: at, answer }) => {
      const stage = stages.find((s) => s.id === at)
      if (!stage) return []
      if (answer.said === 'observed') return [inSentence(stage.choices?.find((c) => c.id === answer.choice)?.words ?? answer.choice)]
      if (answer.said === 'measured') return [measureWords(run, at, answer.trials.length, stage.angle?.unit ?? '°')]
      return answer.said === 'grid' ? gridWords(stage, answer.cells) : []
    })
    .filter((words) => words !== '')
    .join('; ')
}

function measureWords(run: Pick<Run, 'answers'>, stage: string, trials: number, unit: string): string {
  const mean = meanOf(run, stage)
  const spread = spreadOf(run, stage)
  return `${mean ?? '?'}${unit}${trials > 1 ? ` (mean of ${trials}, SD ${spread ?? '?'})` : ''}`
}

function gridWords(stage: StageOutline, cells: Readonly<Record<string, string>>): readonly string[] {
  if (!stage.grid) return []
  const several = stage.grid.columns.length > 1
  const told = cellsOf(stage.grid).flatMap(({ id, row, column }) => {
    const value = cells[id]
    if (value === undefined || value === column.usual) return []
    const words = cellValueWords(column, value)
    return [`${row.words} ${several || /^[0-9]/.test(words) ? `${column.words} ` : ''}${words}`]
  })
  const shown = told.slice(0, MOST)
  return told.length === 0 ? [] : [`${listWords(shown)}${told.length > MOST ? ` and ${told.length - MOST} more` : ''}`]
}
