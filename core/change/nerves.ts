import { cellsOf, cellValueWords } from '../record/outline'
import { type CellChange, cellChanges } from '../safety/nerve-states'
import { listWords } from '../vocabulary/sentence'
import type { MeasureChange } from './measure-change'
import type { SignRun } from './sign-run'

/** Strength, reflexes and feeling: any loss stops the examination, a gain is better. */
export function nervesChange(before: SignRun, after: SignRun): MeasureChange | null {
  if (before.test.reading.kind !== 'nerves') return null
  const changes = cellChanges(before.run, after.run)
  const lost = changes.filter((c) => c.by < 0)
  const told = (some: readonly CellChange[]) => listWords(some.map((c) => cellWords(before, c)))
  if (lost.length > 0) return { measure: 'nerves', verdict: 'worse', words: `lost: ${told(lost)}`, error: null, halts: true }
  if (changes.length > 0) return { measure: 'nerves', verdict: 'better', words: `gained: ${told(changes)}`, error: null }
  return { measure: 'nerves', verdict: 'same', words: 'strength, reflexes and feeling as before, as far as both times were looked at', error: null }
}

function cellWords({ test }: SignRun, { stage, cell, before, after }: CellChange): string {
  const grid = test.stages.find((s) => s.id === stage)?.grid
  const known = grid && cellsOf(grid).find((c) => c.id === cell)
  if (!known) return `${cell} ${before} → ${after}`
  const value = (text: string) => cellValueWords(known.column, text)
  return `${known.row.words} ${known.column.words} ${value(before)} → ${value(after)}`
}
