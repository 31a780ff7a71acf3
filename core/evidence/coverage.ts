import { CATALOGUE } from '../catalogue'
import type { ExamTest } from '../catalogue/exam-test'
import type { Accuracy } from './accuracy'
import { moves, rowsOf } from './register'
import { signsOf } from './signs'

/** What the register knows of one test. */
export interface Coverage {
  readonly test: ExamTest
  readonly rows: number
  /** Rows that move a number: of the test itself, or of a sign seen in it. */
  readonly moving: readonly Accuracy[]
  /** `moves`: a figure; `shown`: figures that do not fit or are unverified; `none`: no figure is known, so it only points. */
  readonly state: 'moves' | 'shown' | 'none'
}

/** Every test of the catalogue and what is known of it, tests without a figure first. */
export function coverage(register: readonly Accuracy[]): readonly Coverage[] {
  const order = { none: 0, shown: 1, moves: 2 }
  return CATALOGUE.map((test): Coverage => {
    const rows = [test.id, ...signsOf(test.id).map((s) => s.id)].flatMap((id) => rowsOf(id, register))
    const moving = rows.filter(moves)
    const known = rows.filter((row) => [row.sens, row.spec, row.lrPositive, row.lrNegative, row.printed].some((figure) => (figure ?? null) !== null))
    return { test, rows: rows.length, moving, state: moving.length > 0 ? 'moves' : known.length > 0 ? 'shown' : 'none' }
  }).toSorted((a, b) => order[a.state] - order[b.state] || a.test.name.localeCompare(b.test.name))
}
