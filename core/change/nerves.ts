import { cellsOf, cellValueWords } from '../record/outline'
import { type CellChange, cellChanges } from '../safety/nerve-states'
import { listWords } from '../vocabulary/sentence'
import type { MeasureChange } from './measure-change'
import type { SignRun } from './sign-run'

/** A reflex above this is brisk: more of it is no gain. */
const USUAL_REFLEX = 2

/** Strength, reflexes and feeling: any loss stops the examination, a gain is better, a reflex that became brisk is worse. */
export function nervesChange(before: SignRun, after: SignRun): MeasureChange | null {
  if (before.test.reading.kind !== 'nerves') return null
  const changes = cellChanges(before.run, after.run)
  const lost = changes.filter((c) => c.by < 0)
  const told = (some: readonly CellChange[]) => listWords(some.map((c) => cellWords(before, c)))
  if (lost.length > 0) return { measure: 'nerves', verdict: 'worse', words: `lost: ${told(lost)}`, error: null, halts: true }
  const brisk = changes.filter((c) => c.stage === 'reflexes' && Number(c.after) > USUAL_REFLEX)
  if (brisk.length > 0) return { measure: 'nerves', verdict: 'worse', words: `brisk now, look for cord signs: ${told(brisk)}`, error: null }
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
