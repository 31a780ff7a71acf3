import type { TestId } from '../catalogue/exam-test'
import type { Seen } from '../catalogue/reading/table'
import { testById } from '../catalogue'
import type { Finding } from '../findings/finding'
import { findingFor } from '../findings/findings'
import { meanOf } from '../findings/measures'
import { acrossFrom, cellsAt, nervesOf } from '../findings/deficits'
import { type About, wasSeen } from '../findings/read-table'
import type { Known } from '../logic/evaluate'
import type { Exam, Run } from '../record/exam'
import { isOver } from '../record/ladder'
import { cellsOf } from '../record/outline'
import { areaOf, sideOf } from '../vocabulary/body-area'
import { otherSide, SIDES, type Side } from '../vocabulary/side'
import { type Item, type ItemSide, itemKey, type MeasuredItem, type ObservedItem } from './item'

/** What conditions are looked up in. */
export interface Ground {
  readonly exam: Pick<Exam, 'symptoms' | 'facts' | 'screen' | 'ageYears' | 'runs' | 'schools'>
  readonly findings: readonly Finding[]
  /** Conditions given outright, by their key, as in a published case; they answer what the record leaves open. */
  readonly given?: Readonly<Record<string, boolean>>
}

const UNTRIED: Known = { truth: 'open', open: 'untried' }

/** Is this condition true, false or open, for a rule read for one side? */
export function askItem(item: Item, side: Side, ground: Ground): Known {
  const known = lookedUp(item, side, ground)
  const given = ground.given?.[itemKey(item)]
  return known.truth === 'open' && given !== undefined ? truth(given) : known
}

function lookedUp(item: Item, side: Side, ground: Ground): Known {
  switch (item.kind) {
    case 'positive':
      return onSides(item.side, side, (asked, about) =>
        ofResult(findingFor(ground.findings, item.test, performedOn(item.test, asked), about), item.orReproduced ?? false),
      )
    case 'observed':
      return onSides(item.side, side, (asked) => ofSight(item, asked, ground.exam))
    case 'measured':
      return onSides(item.side, side, (asked) => ofMeasure(item, asked, ground))
    case 'told': {
      const answer = ground.exam.facts[item.id] ?? ground.exam.screen[item.id]
      return answer === undefined ? UNTRIED : truth(answer === item.answer)
    }
    case 'age': {
      const { ageYears } = ground.exam
      return ageYears === null ? UNTRIED : truth(item.is === 'at-least' ? ageYears >= item.years : ageYears < item.years)
    }
    case 'painted': {
      const places = ground.exam.symptoms.flatMap((s) => s.places)
      return places.length === 0 ? UNTRIED : truth(places.some((p) => sideOf(p) === side && item.at.includes(areaOf(p))))
    }
  }
}

/** A condition of either side holds when one side holds; of a fixed side it is still about the side the rule is read for. */
function onSides(wanted: ItemSide, about: Side, ask: (asked: Side, about: Side) => Known): Known {
  if (wanted !== 'either') return ask(wanted === 'same' ? about : wanted, about)
  const both = SIDES.map((side) => ask(side, side))
  return both.find((k) => k.truth === 'true') ?? both.find((k) => k.truth === 'open') ?? both[0] ?? UNTRIED
}

/** The finding a condition of a test was read from, for a rule of this side; undefined where it was not one finding. */
export function findingBehind(item: Item, side: Side, findings: readonly Finding[]): Finding | undefined {
  if (item.kind !== 'positive') return undefined
  if (item.side !== 'either') return findingFor(findings, item.test, performedOn(item.test, item.side === 'same' ? side : item.side), side)
  const both = SIDES.flatMap((at) => findingFor(findings, item.test, performedOn(item.test, at), at) ?? [])
  return both.find((f) => f.result === 'positive') ?? both[0]
}

/** The limb a test is done on to speak about a side: a crossed raise lifts the other, good leg. */
function performedOn(test: TestId, about: Side): Side {
  return testById(test)?.reading.kind === 'crossed' ? otherSide(about) : about
}

function truth(holds: boolean): Known {
  return { truth: holds ? 'true' : 'false' }
}

function ofResult(finding: Finding | undefined, orReproduced: boolean): Known {
  if (!finding) return UNTRIED
  if (orReproduced && finding.reproduced) return { truth: 'true' }
  switch (finding.result) {
    case 'positive':
      return truth(!finding.pointsOnly)
    case 'negative':
      return { truth: 'false' }
    case 'inconclusive':
      return { truth: 'open', open: 'unclear' }
    case 'not-applicable':
      return { truth: 'open', open: 'not-applicable' }
  }
}

function ofSight(item: ObservedItem, side: Side, exam: Ground['exam']): Known {
  const run = latestRun(exam.runs, item.test, side)
  if (!run) return UNTRIED
  const about = { run, side, exam: { symptoms: run.story, runs: exam.runs } }
  if (wasSeen(item.when, about)) return { truth: 'true' }
  return wasLookedAt(item.when, run, about) ? { truth: 'false' } : UNTRIED
}

const LATEST = new WeakMap<readonly Run[], ReadonlyMap<string, Run>>()

/** The latest finished performance of a test that shows something of this side. */
function latestRun(runs: readonly Run[], test: string, side: Side): Run | undefined {
  const known = LATEST.get(runs) ?? new Map(runs.flatMap((run) => finished(run)))
  LATEST.set(runs, known)
  return known.get(`${test} ${side}`)
}

function finished(run: Run): readonly (readonly [string, Run])[] {
  const test = testById(run.test)
  if (!test || !isOver(run, test)) return []
  return (run.side === 'none' ? SIDES : [run.side]).map((side) => [`${run.test} ${side}`, run] as const)
}

/** Were the stages this asks about answered, with every cell it looks at? What nobody looked at is open, never false. */
function wasLookedAt(seen: Seen, run: Run, about: About): boolean {
  switch (seen.kind) {
    case 'chose':
    case 'mean':
    case 'limited':
      return run.answers.some((a) => a.stage === seen.stage)
    case 'cells':
      return isFilled(run, seen.stage, seen.column, seen.rows)
    case 'deficit':
      return isNerveSeen(seen, run, about)
    case 'some':
      return seen.of.every((part) => wasLookedAt(part, run, about))
    case 'unless':
      return wasLookedAt(seen.of, run, about)
    case 'familiar':
    case 'said':
    case 'in-variant':
    case 'tested-side':
    case 'painted':
      return run.answers.length > 0
  }
}

/** Is every cell of these rows filled in this column? */
function isFilled(run: Run, stage: string, column: string, rows?: readonly string[]): boolean {
  const grid = testById(run.test)?.stages.find((s) => s.id === stage)?.grid
  const filled = cellsAt(run, stage)
  const looked = grid ? cellsOf(grid).filter((c) => c.column.id === column && (rows === undefined || rows.includes(c.row.id))) : []
  return looked.length > 0 && looked.every((c) => filled[c.id] !== undefined)
}

/** A quiet reflex waits for the other side; everything else is seen when its cells are filled. */
function isNerveSeen(seen: Extract<Seen, { kind: 'deficit' }>, run: Run, { side, exam }: About): boolean {
  if (seen.of === 'sensation') return isFilled(run, 'sensation', 'touch', seen.rows)
  if (seen.of === 'strength') return isFilled(run, 'strength', 'strength', seen.rows)
  const waiting = nervesOf(run, side, acrossFrom(run, exam.runs ?? [])).waiting
  return isFilled(run, 'reflexes', 'reflex', seen.rows) && !waiting.some((row) => seen.rows === undefined || seen.rows.includes(row))
}

function ofMeasure(item: MeasuredItem, side: Side, ground: Ground): Known {
  const value = valueOf(item, side, ground)
  if (value === undefined) return UNTRIED
  switch (item.is) {
    case 'above':
      return truth(value > item.value)
    case 'at-least':
      return truth(value >= item.value)
    case 'below':
      return truth(value < item.value)
    case 'at-most':
      return truth(value <= item.value)
  }
}

function valueOf(item: MeasuredItem, side: Side, { exam, findings }: Ground): number | undefined {
  const end = (at: Side) => endOf(findingFor(findings, item.test, at))
  switch (item.field) {
    case 'onset':
      return findingFor(findings, item.test, side)?.measures.onset
    case 'end':
      return end(side)
    case 'average-end': {
      const [left, right] = [end('left'), end('right')]
      return left === undefined || right === undefined ? undefined : (left + right) / 2
    }
    case 'shortfall': {
      const [here, there] = [end(side), end(otherSide(side))]
      return here === undefined || there === undefined ? undefined : there - here
    }
    case 'mean': {
      const run = exam.runs.findLast((r) => r.test === item.test && (r.side === side || r.side === 'none'))
      return run && item.stage ? meanOf(run, item.stage) : undefined
    }
  }
}

/** Where the movement ended; a symptom that stopped it ended it. */
function endOf(finding: Finding | undefined): number | undefined {
  return finding?.measures.end ?? finding?.measures.onset
}
