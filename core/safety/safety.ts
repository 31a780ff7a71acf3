import { CATALOGUE, testById } from '../catalogue'
import type { TestId } from '../catalogue/exam-test'
import { schoolOf } from '../catalogue/schools'
import { findingsOfRun } from '../findings/findings'
import { missingCells } from '../findings/missing-cells'
import { wasSeen } from '../findings/read-table'
import { type Exam, type Run, withLateSafety } from '../record/exam'
import { isOver } from '../record/ladder'
import { sidesOf } from '../record/outline'
import { SIDES } from '../vocabulary/side'
import { GATES } from '.'
import { isContraindicated } from './contraindicated'
import { type Gate, isRemembered, type OnScreen, type ScreenFact, type When } from './gate'
import { askedItems } from '../story/screen'
import { causeOf } from './nerve-states'
import { causesOf } from './state'

/** A gate that is closed, what closed it, and whether it was opened with a reason. */
export interface ClosedGate {
  readonly gate: Gate
  /** All that closed it, in this examination at any time: items answered yes, performances, signs. */
  readonly because: readonly string[]
  /** What of it still stands: it holds now, or was changed since, and no reason opened it. */
  readonly standing: readonly string[]
  /** What was changed or taken back since, so that it no longer holds. */
  readonly changed: readonly string[]
  /** The reason it was opened with; null while it is closed. */
  readonly opened: string | null
}

const REPERTORY = { testById, all: CATALOGUE }

/** An examination is never changed in place, so what it closes can be kept with it. */
const KNOWN = new WeakMap<Exam, readonly ClosedGate[]>()

/**
 * The gates that answers, results and signs close, the strongest first. What was not asked closes nothing and clears nothing.
 *
 * A halt or block is remembered: an answer that was changed or taken back still stands until a reason opens the gate.
 */
export function closedGates(signed: Exam): readonly ClosedGate[] {
  // What was told after the signature closes gates like anything else.
  const exam = withLateSafety(signed)
  const known = KNOWN.get(exam)
  if (known) return known
  const closed = GATES.flatMap((gate) => closedBy(gate, exam) ?? [])
  KNOWN.set(exam, closed)
  return closed
}

/** This gate as it is closed now; null while it is not. */
function closedBy(gate: Gate, exam: Exam): ClosedGate | null {
  const now = reasonsFor(gate.when, exam)
  const ever = isRemembered(gate) ? everReasonsFor(gate.when, exam) : []
  const because = [...new Set([...ever, ...now])]
  if (because.length === 0 || (gate.strength === 'before' && gate.until && cameFirst(gate.until, exam))) return null
  const openings = exam.unlocked.filter((u) => u.gate === gate.id)
  const standing = because.filter((cause) => !openings.some((u) => u.causes === null || u.causes.includes(cause)))
  return { gate, because, standing, changed: because.filter((c) => !now.includes(c)), opened: standing.length === 0 ? (openings.at(-1)?.why ?? '') : null }
}

/** What keeps this gate closed now; empty while it is open. */
export function closing(exam: Exam, gate: string): readonly string[] {
  return closedGates(exam).find((c) => c.gate.id === gate)?.standing ?? []
}

/** Halts that stand: the examination has stopped for these. */
export function haltsOf(exam: Exam): readonly ClosedGate[] {
  return closedGates(exam).filter((c) => c.gate.strength === 'halt' && c.opened === null)
}

/** Is this gate about everybody, and no news? Lists leave it out. */
export function isEveryday({ gate }: Pick<ClosedGate, 'gate'>): boolean {
  return 'state' in gate.when && gate.when.state === 'anyone'
}

/** The tests that a closed gate asks for before others may start; what always comes first is not among them. */
export function wantedFirst(exam: Exam): readonly TestId[] {
  return closedGates(exam).flatMap((c) => (c.opened === null && c.gate.strength === 'before' && !isEveryday(c) ? (c.gate.until ?? []) : []))
}

function reasonsFor(when: When, exam: Exam): readonly string[] {
  if (!isSchoolOf(when, exam)) return []
  if ('of' in when) return onScreen(when, exam.screen, exam)
  if ('positive' in when) return exam.runs.filter((run) => when.positive.some((t) => t === run.test) && wasPositive(run, exam)).map(causeOf)
  if ('warning' in when) return exam.warnings.flatMap((w) => (when.warning.some((known) => known === w.sign) ? [`${w.sign} ${w.id}`] : []))
  if ('state' in when) return causesOf(when.state, exam)
  return exam.runs
    .filter((run) => when.seen.some(({ test, when: seen }) => test === run.test && SIDES.some((side) => wasSeen(seen, { run, side, exam }))))
    .map(causeOf)
}

/** Does the school of this examination hold with it? Where none is asked for, always. */
function isSchoolOf(when: When, exam: Pick<Exam, 'schools'>): boolean {
  const school = 'of' in when || 'seen' in when ? when.school : undefined
  return school === undefined || schoolOf(exam, school.question)?.id === school.school
}

/** The same with everything that was on the record at any time. */
function everReasonsFor(when: When, exam: Exam): readonly string[] {
  if ('of' in when) return everOnScreen(when, exam)
  if (!isSchoolOf(when, exam)) return []
  if ('warning' in when) return exam.memory.warnings.flatMap((w) => (when.warning.some((known) => known === w.sign) ? [`${w.sign} ${w.id}`] : []))
  if (exam.memory.runs.length === 0) return []
  return exam.memory.runs.flatMap((run) => reasonsFor(when, { ...exam, runs: [...exam.runs.filter((r) => r.id !== run.id), run] }))
}

/** What the answers of the screen closed at any moment, with the age and the schools of that moment. Kept with the answers. */
function everOnScreen(when: OnScreen, exam: Exam): readonly string[] {
  const { screen: changes } = exam.memory
  const known = EVER.get(changes) ?? new Map<OnScreen, readonly string[]>()
  EVER.set(changes, known)
  const kept = known.get(when)
  if (kept) return kept
  let screen: Exam['screen'] = {}
  let ageYears: number | null = null
  let schools: Exam['schools'] = {}
  const told = changes.some((c) => 'item' in c && c.answer === 'yes')
  const because = !told
    ? []
    : changes.flatMap((change) => {
        if ('age' in change) ageYears = change.age
        else if ('schools' in change) schools = change.schools
        else if (change.answer === null) screen = Object.fromEntries(Object.entries(screen).filter(([other]) => other !== change.item))
        else screen = { ...screen, [change.item]: change.answer }
        return isSchoolOf(when, { schools }) ? onScreen(when, screen, { ageYears }) : []
      })
  known.set(when, because)
  return because
}

const EVER = new WeakMap<Exam['memory']['screen'], Map<OnScreen, readonly string[]>>()

function onScreen(when: OnScreen, screen: Exam['screen'], exam: Pick<Exam, 'ageYears'>): readonly string[] {
  const yes = (item: ScreenFact) => screen[item] === 'yes' || drawnFromAge(item, screen, exam)
  const because = when.of.filter(yes)
  const { and = [], andAny } = when
  const short = because.length < when.atLeast || !and.every(yes) || (andAny !== undefined && !andAny.some(yes))
  return short ? [] : because
}

/** An age that is not known counts as at risk. */
function drawnFromAge(item: ScreenFact, screen: Exam['screen'], { ageYears }: Pick<Exam, 'ageYears'>): boolean {
  const age = ageYears ?? Infinity
  switch (item) {
    case 'age-65':
      return age >= 65
    case 'age-over-50':
      return age > 50
    case 'age-over-50-new':
      return age > 50 && screen['new-pain'] === 'yes'
    case 'age-over-70':
      return age > 70
    default:
      return false
  }
}

/** The tests that had to come first are done; or one was positive, and a stronger gate speaks. */
function cameFirst(tests: readonly TestId[], exam: Exam): boolean {
  return tests.every((test) => isDone(exam, test)) || exam.runs.some((run) => tests.some((t) => t === run.test) && wasPositive(run, exam))
}

/** Was anything about this performance positive, by what was observed or by what the examiner said? An override never lifts. */
function wasPositive(run: Run, exam: Exam): boolean {
  return findingsOfRun(run, exam, REPERTORY).some((f) => f.result === 'positive') || exam.overrides.some((o) => o.run === run.id && o.result === 'positive')
}

/** Was this test performed to its end on every side it has, with every cell that has to be seen? Consent withdrawn afterwards changes nothing. */
export function isDone(exam: Exam, id: string): boolean {
  const test = testById(id)
  if (!test) return false
  const isWhole = (run: Run) => isOver({ ...run, stopped: null }, test) && missingCells(test, run).length === 0
  return sidesOf(test).every((side) => exam.runs.some((run) => run.test === id && run.side === side && isWhole(run)))
}

/**
 * The closed gate that keeps this test from starting this way; undefined when none does.
 *
 * A store asks this for every answer it takes, so it looks only at gates that could be about the test.
 */
export function contraindicationOf(exam: Exam, test: string, variant: string): ClosedGate | undefined {
  const bars = ({ gate, opened, standing }: ClosedGate) => gate.strength !== 'caution' && opened === null && isContraindicated(gate, test, variant, standing)
  const known = KNOWN.get(exam)
  if (known) return known.find(bars)
  for (const gate of GATES) {
    // Were it closed by this very test: what it could bar at most.
    if (gate.strength === 'caution' || !isContraindicated(gate, test, variant, [test])) continue
    const closed = closedBy(gate, exam)
    if (closed && bars(closed)) return closed
  }
  return undefined
}

/** What to heed while this test is done: cautions, and gates that were opened with a reason. */
export function heeding(exam: Exam, test: string, variant: string): readonly ClosedGate[] {
  return closedGates(exam).filter(
    ({ gate, opened, because, changed }) =>
      // What was opened because it no longer holds asks for no care.
      (gate.strength === 'caution' || (opened !== null && changed.length < because.length)) && isContraindicated(gate, test, variant, because),
  )
}

/** How many questions of the screen have no answer yet: open holes, never a no. */
export function unasked(exam: Pick<Exam, 'screen'>): number {
  return askedItems(exam.screen).filter((item) => exam.screen[item.id] === undefined).length
}
