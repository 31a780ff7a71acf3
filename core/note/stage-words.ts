import type { Stage } from '../catalogue/exam-test'
import type { Answer } from '../record/answer'
import { cellsOf, cellValueWords } from '../record/outline'
import { answerWords } from './entry-words'

/** Is this a neurological screen: strength, reflexes, feeling, cord signs? */
export function isNeurological(test: string): boolean {
  return test === 'neuro-upper' || test === 'neuro-lower'
}

/** What was observed at a stage as a note tells it; of a table, rows with the same value stand together. */
export function stageWords(answer: Answer, stage: Stage | undefined): string {
  if (answer.said !== 'grid' || !stage?.grid) return answerWords(answer, stage)
  const cells = cellsOf(stage.grid)
  const strange = Object.keys(answer.cells).some((id) => !cells.some((c) => c.id === id))
  if (strange) return answerWords(answer, stage)
  const columns = stage.grid.columns.flatMap((column) => {
    const filled = cells.filter((c) => c.column.id === column.id && answer.cells[c.id] !== undefined)
    const values = [...new Set(filled.map((c) => answer.cells[c.id] ?? ''))]
    return values.map((value) => {
      const rows = filled.filter((c) => answer.cells[c.id] === value).map((c) => c.row.words)
      return `${column.words} ${cellValueWords(column, value)}: ${rows.join(', ')}`
    })
  })
  const missing = cells.filter((c) => answer.cells[c.id] === undefined).length
  const marks = `${answer.simulated ? '; from a simulated device' : ''}${answer.picture ? '; from a picture' : ''}`
  return `${columns.join(' | ')}${missing > 0 ? ` | ${missing} not examined` : ''}${marks}`
}
