import type { Exam } from '../record/exam'
import { GATES } from '.'
import { type Gate, isBarred } from './gate'
import { SCREEN } from './screen'

/** A gate that is closed now, which answers closed it, and whether it was opened with a reason. */
export interface ClosedGate {
  readonly gate: Gate
  /** Items answered yes that it rests on. */
  readonly because: readonly string[]
  /** The reason it was opened with; null while it is closed. */
  readonly opened: string | null
}

/** The gates the answers so far close, the strongest first. What was not asked closes nothing and clears nothing. */
export function closedGates(exam: Pick<Exam, 'screen' | 'unlocked'>): readonly ClosedGate[] {
  return GATES.flatMap((gate) => {
    const because = gate.when.of.filter((item) => exam.screen[item] === 'yes')
    if (because.length < gate.when.atLeast) return []
    return [{ gate, because, opened: exam.unlocked.find((u) => u.gate === gate.id)?.why ?? null }]
  })
}

/** The closed gate that keeps this test from starting this way; undefined when none does. */
export function barring(exam: Pick<Exam, 'screen' | 'unlocked'>, test: string, variant: string): ClosedGate | undefined {
  return closedGates(exam).find(({ gate, opened }) => gate.strength !== 'caution' && opened === null && isBarred(gate.bars, test, variant))
}

/** What to heed while this test is done: cautions, and gates that were opened with a reason. */
export function heeding(exam: Pick<Exam, 'screen' | 'unlocked'>, test: string, variant: string): readonly ClosedGate[] {
  return closedGates(exam).filter(({ gate, opened }) => (gate.strength === 'caution' || opened !== null) && isBarred(gate.bars, test, variant))
}

/** How many questions of the screen have no answer yet: open holes, never a no. */
export function unasked(exam: Pick<Exam, 'screen'>): number {
  return SCREEN.flatMap((group) => group.items).filter((item) => exam.screen[item.id] === undefined).length
}
