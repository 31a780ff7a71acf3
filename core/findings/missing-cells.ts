import type { ExamTest } from '../catalogue/exam-test'
import type { Seen, Table } from '../catalogue/reading/table'
import type { Run } from '../record/exam'
import { cellsOf, type GridOutline, stagesOf } from '../record/outline'

/** A column of a stage's table that a reading looks at; `rows` where it looks at some only. */
interface Looked {
  readonly stage: string
  readonly column: string
  readonly rows?: readonly string[]
}

/**
 * The cells a reading has to see before it may say that nothing was found, as "stage row.column".
 *
 * What was not looked at is not normal: a table with one cell filled says nothing about the others.
 */
export function missingCells(
  test: Pick<ExamTest, 'stages' | 'variants' | 'reading'>,
  run: Pick<Run, 'answers' | 'variant' | 'catalogue' | 'side'>,
): readonly string[] {
  const { reading } = test
  if (reading.kind !== 'table' && reading.kind !== 'nerves') return []
  const looked = reading.kind === 'nerves' ? reading.needs : lookedAt(reading, run.side)
  return stagesOf(test, run.variant, run.catalogue).flatMap((stage) => {
    if (stage.kind !== 'grid' || !stage.grid) return []
    const answer = run.answers.findLast((a) => a.stage === stage.id)?.answer
    const filled = answer?.said === 'grid' ? answer.cells : {}
    return needed(stage.id, stage.grid, looked).flatMap((cell) => (filled[cell] === undefined ? [`${stage.id} ${cell}`] : []))
  })
}

function needed(stage: string, grid: GridOutline, looked: readonly Looked[]): readonly string[] {
  const here = looked.filter((l) => l.stage === stage)
  return cellsOf(grid).flatMap(({ id, row, column }) =>
    here.some((l) => l.column === column.id && (l.rows === undefined || l.rows.includes(row.id))) ? [id] : [],
  )
}

function lookedAt(reading: Table, side: Run['side']): readonly Looked[] {
  const sides = side === 'none' ? (['left', 'right'] as const) : [side]
  return reading.lines.flatMap((l) => columnsIn(l.when)).flatMap((l) => (reading.steps?.includes(l.stage) ? [] : named(l, sides)))
}

function named(looked: Looked, sides: readonly string[]): readonly Looked[] {
  return looked.column.includes('{') ? sides.map((side) => ({ ...looked, column: looked.column.replaceAll('{side}', side) })) : [looked]
}

function columnsIn(seen: Seen): readonly Looked[] {
  switch (seen.kind) {
    case 'cells':
      return [{ stage: seen.stage, column: seen.column, ...(seen.rows && { rows: seen.rows }) }]
    case 'some':
      return seen.of.flatMap(columnsIn)
    case 'unless':
      return columnsIn(seen.of)
    default:
      return []
  }
}
