import { CATALOGUE, testById } from '../catalogue'
import type { TestId } from '../catalogue/exam-test'
import { schoolOf } from '../catalogue/schools'
import { findingsOfTest } from '../findings/findings'
import { wasSeen } from '../findings/read-table'
import type { Exam } from '../record/exam'
import { isOver } from '../record/ladder'
import { sidesOf } from '../record/outline'
import { SIDES } from '../vocabulary/side'
import { GATES } from '.'
import { isBarred } from './barred'
import type { Gate, OnScreen, ScreenFact, When } from './gate'
import { askedItems } from '../story/screen'
import { isIn } from './state'

/** A gate that is closed now, what closed it, and whether it was opened with a reason. */
export interface ClosedGate {
  readonly gate: Gate
  /** What it rests on: items answered yes, tests, or signs. */
  readonly because: readonly string[]
  /** The reason it was opened with; null while it is closed. */
  readonly opened: string | null
}

const REPERTORY = { testById, all: CATALOGUE }

/** An examination is never changed in place, so what it closes can be kept with it. */
const KNOWN = new WeakMap<Exam, readonly ClosedGate[]>()

/** The gates that answers, results and signs so far close, the strongest first. What was not asked closes nothing and clears nothing. */
export function closedGates(exam: Exam): readonly ClosedGate[] {
  const known = KNOWN.get(exam)
  if (known) return known
  const closed = GATES.flatMap((gate) => closedBy(gate, exam) ?? [])
  KNOWN.set(exam, closed)
  return closed
}

/** This gate as it is closed now; null while it is not. */
function closedBy(gate: Gate, exam: Exam): ClosedGate | null {
  const because = reasonsFor(gate.when, exam)
  if (because.length === 0 || (gate.until && cameFirst(gate.until, exam))) return null
  return { gate, because, opened: exam.unlocked.find((u) => u.gate === gate.id)?.why ?? null }
}

function reasonsFor(when: When, exam: Exam): readonly string[] {
  if ('of' in when) return onScreen(when, exam)
  if ('positive' in when) return when.positive.filter((test) => wasPositive(test, exam))
  if ('warning' in when) return exam.warnings.map((w) => w.sign).filter((sign) => when.warning.some((known) => known === sign))
  if ('state' in when) return isIn(when.state, exam) ? [when.state] : []
  if (when.school && schoolOf(exam, when.school.question)?.id !== when.school.school) return []
  return when.seen.flatMap(({ test, when: seen }) => {
    const runs = exam.runs.filter((run) => run.test === test)
    return runs.some((run) => SIDES.some((side) => wasSeen(seen, { run, side, exam }))) ? [test] : []
  })
}

function onScreen(when: OnScreen, exam: Exam): readonly string[] {
  const yes = (item: ScreenFact) => exam.screen[item] === 'yes' || drawnFromAge(item, exam)
  const because = when.of.filter(yes)
  const { and = [], andAny } = when
  const short = because.length < when.atLeast || !and.every(yes) || (andAny !== undefined && !andAny.some(yes))
  return short ? [] : because
}

function drawnFromAge(item: ScreenFact, { ageYears, screen }: Exam): boolean {
  if (ageYears === null) return false
  switch (item) {
    case 'age-65':
      return ageYears >= 65
    case 'age-over-50':
      return ageYears > 50
    case 'age-over-50-new':
      return ageYears > 50 && screen['new-pain'] === 'yes'
    case 'age-over-70':
      return ageYears > 70
    default:
      return false
  }
}

/** The tests that had to come first are done; or one was positive, and a stronger gate speaks. */
function cameFirst(tests: readonly TestId[], exam: Exam): boolean {
  return tests.every((test) => isDone(exam, test)) || tests.some((test) => wasPositive(test, exam))
}

/** Findings are only worked out for a test that was begun. */
function wasPositive(test: TestId, exam: Exam): boolean {
  return exam.runs.some((run) => run.test === test) && findingsOfTest(exam, test, REPERTORY).some((f) => f.result === 'positive')
}

/** Was this test performed to its end on every side it has? */
function isDone(exam: Exam, id: string): boolean {
  const test = testById(id)
  if (!test) return false
  return sidesOf(test).every((side) => exam.runs.some((run) => run.test === id && run.side === side && run.stopped === null && isOver(run, test)))
}

/**
 * The closed gate that keeps this test from starting this way; undefined when none does.
 *
 * A store asks this for every answer it takes, so it looks only at gates that could be about the test.
 */
export function barring(exam: Exam, test: string, variant: string): ClosedGate | undefined {
  const bars = ({ gate, opened, because }: ClosedGate) => gate.strength !== 'caution' && opened === null && isBarred(gate, test, variant, because)
  const known = KNOWN.get(exam)
  if (known) return known.find(bars)
  for (const gate of GATES) {
    // Were it closed by this very test: what it could bar at most.
    if (!isBarred(gate, test, variant, [test])) continue
    const closed = closedBy(gate, exam)
    if (closed && bars(closed)) return closed
  }
  return undefined
}

/** What to heed while this test is done: cautions, and gates that were opened with a reason. */
export function heeding(exam: Exam, test: string, variant: string): readonly ClosedGate[] {
  return closedGates(exam).filter(({ gate, opened, because }) => (gate.strength === 'caution' || opened !== null) && isBarred(gate, test, variant, because))
}

/** How many questions of the screen have no answer yet: open holes, never a no. */
export function unasked(exam: Pick<Exam, 'screen'>): number {
  return askedItems(exam.screen).filter((item) => exam.screen[item.id] === undefined).length
}
