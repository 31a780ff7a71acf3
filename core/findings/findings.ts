import type { ExamTest, TestId } from '../catalogue/exam-test'
import { type Answer, angleOf } from '../record/answer'
import type { Exam, Run, StageAnswer } from '../record/exam'
import { loadsLeft, nextStage, reproductions } from '../record/ladder'
import { beforeTreatment } from '../record/visit'
import { soreSides } from '../story/sore-sides'
import { areaOf, sideOf } from '../vocabulary/body-area'
import { otherSide, SIDES, type Side } from '../vocabulary/side'
import { besideSensitised } from './beside-sensitised'
import { compareSides } from './compare-sides'
import { type Finding, type Read, RESULT_WORDS } from './finding'
import { meanOf, spreadOf } from './measures'
import { missingCells } from './missing-cells'
import { loadWords } from './load-words'
import { observedWords } from './observed-words'
import { readCrossed } from './read-crossed'
import { readDifferentiation } from './read-differentiation'
import { readNerves } from './read-nerves'
import { readProvocation } from './read-provocation'
import { readRange } from './read-range'
import { readStagedTension } from './read-staged-tension'
import { readTable } from './read-table'
import { readTension } from './read-tension'
import { releasedWords } from './released-words'

/** The catalogue, as far as findings need it. */
export interface Repertory {
  readonly testById: (id: string) => ExamTest | undefined
  readonly all: readonly ExamTest[]
}

/**
 * Everything the examination found, one finding for each test, side and side it speaks about.
 *
 * The one place where raw answers become meaning. The first performance that decided something counts, of those before anything
 * was treated: what is measured after a treatment tells of change and of nothing else. A run still on its ladder is not a finding
 * yet. A test that another one already answered is filled from it.
 */
export function findingsOf(exam: Exam, repertory: Repertory): readonly Finding[] {
  const known = KNOWN.get(exam)
  if (known?.all === repertory.all) return known.findings
  const findings = read(beforeTreatment(exam), repertory)
  KNOWN.set(exam, { all: repertory.all, findings })
  return findings
}

/** An examination is never changed in place, so what it means can be kept with it: gates, rules and screens all ask. */
const KNOWN = new WeakMap<Exam, { readonly all: Repertory['all']; readonly findings: readonly Finding[] }>()

function read(exam: Exam, repertory: Repertory, only?: TestId): readonly Finding[] {
  const { testById, all } = repertory
  const performances = new Map<string, Finding[]>()
  const filledBy = filledByOf(all)
  for (const run of exam.runs) {
    if (only !== undefined && run.test !== only && !filledBy.get(run.test)?.some((t) => t.id === only)) continue
    for (const finding of findingsOfRun(run, exam, repertory)) {
      if (only !== undefined && finding.test !== only) continue
      const key = `${finding.test} ${finding.side} ${finding.about}`
      performances.set(key, [...(performances.get(key) ?? []), finding])
    }
  }
  const valid = [...performances.values()].flatMap((of) => {
    const counts = diagnostic(of, exam)
    return counts ? [besideSensitised(counts, of, testById(counts.test))] : []
  })
  return compareSides(valid, testById, exam.runs).map((finding) => overridden(finding, exam))
}

/**
 * The performance that counts: the one that was said to, else the first that decided anything. A repeat never replaces.
 *
 * While none decided, the latest stands.
 */
function diagnostic(performances: readonly Finding[], exam: Exam): Finding | undefined {
  const chosen = exam.chosen.findLast((c) => performances.some((f) => f.run === c.run))
  if (chosen) return performances.find((f) => f.run === chosen.run)
  const decides = ({ run, about, result }: Finding) => {
    const said = exam.overrides.findLast((o) => o.run === run && o.about === about)?.result ?? result
    return said === 'positive' || said === 'negative'
  }
  return performances.find(decides) ?? performances.at(-1)
}

/** What one performance means by itself: its own test, and those it fills. A performance on its ladder means nothing yet. */
export function findingsOfRun(run: Run, exam: Exam, { testById, all }: Repertory): readonly Finding[] {
  const test = testById(run.test)
  if (!test) return []
  const filled = filledByOf(all).get(test.id) ?? []
  return readOnce(run, exam, all, test.reading.kind === 'nerves', () => (nextStage(run, test) === null ? [test, ...filled] : []))
}

/**
 * What one test found, the same results as among {@link findingsOf}, at the cost of this test alone: for a gate that hangs on it.
 *
 * Remarks that need another test beside it are left out.
 */
export function findingsOfTest(exam: Exam, test: TestId, repertory: Repertory): readonly Finding[] {
  const known = KNOWN.get(exam)
  return known?.all === repertory.all ? known.findings.filter((f) => f.test === test) : read(beforeTreatment(exam), repertory, test)
}

/** Which tests each test answers as well. */
function filledByOf(all: Repertory['all']): ReadonlyMap<string, readonly ExamTest[]> {
  const known = FILLED.get(all)
  if (known) return known
  const filledBy = new Map<string, ExamTest[]>()
  for (const test of all) if (test.filledBy !== undefined) filledBy.set(test.filledBy, [...(filledBy.get(test.filledBy) ?? []), test])
  FILLED.set(all, filledBy)
  return filledBy
}

const FILLED = new WeakMap<Repertory['all'], ReadonlyMap<string, readonly ExamTest[]>>()

/** What each run was read as. A run is never changed in place, and its reading asks nothing but the story as it stood then. */
const READ_RUNS = new WeakMap<Run, { readonly all: Repertory['all']; readonly findings: readonly Finding[] }>()

/** So that one more answer costs one more reading, however long the record is; but a reading against the other side is made anew. */
function readOnce(run: Run, exam: Exam, all: Repertory['all'], compared: boolean, tests: () => readonly ExamTest[]): readonly Finding[] {
  const known = compared ? undefined : READ_RUNS.get(run)
  if (known?.all === all) return known.findings
  // What was told later is no measure of what was felt then, nor is what was measured later the other side of it.
  const later = exam.runs.some((r) => r.moment > run.moment)
  const then = { ...exam, symptoms: run.story, ...(later && { runs: exam.runs.filter((r) => r.moment <= run.moment) }) }
  const findings = tests().flatMap((test) => interpretRun(test, run, then))
  if (!compared) READ_RUNS.set(run, { all, findings })
  return findings
}

/** The examiner's own result, with the derived one kept beside it. A replaced result keeps its measures and moves no figure. */
function overridden(finding: Finding, exam: Exam): Finding {
  const own = exam.overrides.findLast((o) => o.run === finding.run && o.about === finding.about)
  if (!own || own.result === finding.result) return finding
  return {
    ...finding,
    result: own.result,
    why: `Set by the examiner: ${own.why.replace(/[.]?$/, '.')} From what was observed: ${RESULT_WORDS[finding.result]}.`,
    derived: { result: finding.result, why: finding.why },
    readings: finding.readings.filter((r) => r.strength === 'pointer'),
  }
}

/**
 * The finding for one test and side, if it was performed.
 *
 * @param about - the side it speaks about; the tested side when absent
 */
export function findingFor(findings: readonly Finding[], test: TestId, side: Side, about: Side = side): Finding | undefined {
  return indexOf(findings).get(`${test} ${side} ${about}`)
}

/** Findings are never changed in place, and every rule looks some up. */
const INDEXES = new WeakMap<readonly Finding[], ReadonlyMap<string, Finding>>()

function indexOf(findings: readonly Finding[]): ReadonlyMap<string, Finding> {
  const known = INDEXES.get(findings)
  if (known) return known
  // The first of several stands, as when searching from the front.
  const index = new Map(findings.toReversed().map((f) => [`${f.test} ${f.side} ${f.about}`, f]))
  INDEXES.set(findings, index)
  return index
}

/** The findings of one finished run: one, or one for each side it speaks about. */
function interpretRun(test: ExamTest, run: Run, exam: Exam): readonly Finding[] {
  return pairsOf(test, run, exam).flatMap(([side, about]) => interpret(test, run, side, about, exam) ?? [])
}

/** The sides a run is read for: as [tested, spoken about]. */
function pairsOf(test: ExamTest, run: Run, exam: Exam): readonly (readonly [Side, Side])[] {
  if (run.side === 'none') return sidesWithout(test, run, exam).map((side) => [side, side])
  const other = otherSide(run.side)
  if (test.reading.kind === 'crossed') return [[run.side, other]]
  return test.loadsBoth
    ? [
        [run.side, run.side],
        [run.side, other],
      ]
    : [[run.side, run.side]]
}

/**
 * A test without a side names the side that is sore or where something was felt, and no other. One that looks at both sides by
 * itself names both.
 */
function sidesWithout(test: ExamTest, run: Run, exam: Exam): readonly Side[] {
  const sore = soreSides(exam)
  if (looksAtBoth(test)) return test.reading.kind === 'table' && test.reading.soreSide && sore.length > 0 ? sore : SIDES
  const felt = run.answers.flatMap(({ answer }) => (answer.said === 'familiar' ? answer.places.map(sideOf) : []))
  const named = new Set([...sore, ...felt])
  return SIDES.filter((side) => named.has(side))
}

/** Does its reading look left and right by name? */
function looksAtBoth(test: ExamTest): boolean {
  const known = BOTH.get(test) ?? (test.reading.kind === 'table' && JSON.stringify(test.reading.lines).includes('{side}'))
  BOTH.set(test, known)
  return known
}

const BOTH = new WeakMap<ExamTest, boolean>()

/**
 * What one finished run means for one side.
 *
 * @returns null when nothing was observed, or the question the test asks did not arise
 */
function interpret(test: ExamTest, run: Run, side: Side, about: Side, exam: Exam): Finding | null {
  if (run.answers.length === 0 && run.stopped !== 'patient-asked') return null
  const told = decisive(test, run, about)
  const read = readRun(test, run, told, side, about, exam)
  const familiar = told?.answer.said === 'familiar' ? told.answer : null
  const simulated = run.answers.some(({ answer }) => 'simulated' in answer && answer.simulated)
  const pictured = run.answers.some(({ answer }) => 'picture' in answer && answer.picture)
  return (
    read && {
      test: test.id,
      side,
      about,
      variant: run.variant,
      run: run.id,
      result: read.result,
      why: read.why,
      readings: [...read.readings, ...releasedWords(test, run).readings],
      checks: [
        ...(read.checks ?? []),
        ...loadWords(test, run, told),
        ...releasedWords(test, run).checks,
        ...heightWords(test, run),
        ...(simulated ? ['A value of it came from a simulated device.'] : []),
        ...(pictured ? ['An angle of it was read from a picture.'] : []),
      ],
      symptom: familiar?.symptom ?? null,
      places: told && 'places' in told.answer ? (told.answer.places ?? []) : [],
      intensity: familiar?.intensity ?? null,
      measures: measuresOf(run),
      onsetStage: familiar && told ? told.stage : null,
      ...(read.reproduced && { reproduced: true }),
      ...(read.pointsOnly && { pointsOnly: true }),
      ...(simulated && { simulated: true }),
    }
  )
}

/** The answer that speaks for the whole ladder: the own symptom where the test is about, else any own symptom, else the most that was felt. */
function decisive(test: ExamTest, run: Run, about: Side): Pick<StageAnswer, 'stage' | 'answer'> | undefined {
  const own = reproductions(run, test)
  const { reading } = test
  const counts = 'counts' in reading ? [...reading.counts, ...('countsWhenShooting' in reading ? reading.countsWhenShooting : [])] : []
  const there = own.find(({ answer }) => answer.places.some((p) => sideOf(p) === about && counts.includes(areaOf(p))))
  if (there ?? own[0]) return there ?? own[0]
  const loads = run.answers.filter(({ answer }) => ['other', 'stretch', 'nothing'].includes(answer.said))
  const most = loads.find(({ answer }) => answer.said === 'other') ?? loads.find(({ answer }) => answer.said === 'stretch')
  return most ?? loads.at(-1) ?? run.answers.at(-1)
}

function readRun(test: ExamTest, run: Run, told: Pick<StageAnswer, 'answer'> | undefined, side: Side, about: Side, exam: Exam): Read | null {
  if (!told) return { result: 'inconclusive', why: 'The patient asked to stop before an answer.', readings: [] }
  const mine = test.id === run.test
  const complete = !mine || nextStage({ ...run, stopped: null }, test) === null
  const read = readAs(test, run, told.answer, side, about, exam, complete)
  if (read?.result !== 'negative') return read
  // What was not loaded, or was left before its end, says nothing against anything.
  if (!complete) return inconclusive(read, 'Stopped before the test was complete, with nothing that counts so far.')
  const left = mine && 'stages' in test ? loadsLeft(run, test) : []
  return left.length > 0 && read.reproduced === undefined && reproductions(run, test).length > 0
    ? inconclusive(read, `${read.why} The stages after it were not given, so it says nothing against it.`)
    : read
}

function inconclusive(read: Read, why: string): Read {
  return { ...read, result: 'inconclusive', why, readings: read.readings.filter((r) => r.direction === 'for') }
}

function readAs(test: ExamTest, run: Run, told: Answer, side: Side, about: Side, exam: Exam, complete: boolean): Read | null {
  const { reading } = test
  switch (reading.kind) {
    case 'differentiation':
      return readDifferentiation(
        reading,
        run.answers.map((a) => a.answer),
        complete,
      )
    case 'nerves':
      return readNerves(reading, run, about, exam.runs, missingCells(test, run))
    case 'table': {
      const missing = test.id === run.test ? missingCells(test, run) : []
      return readTable(reading, run, about, exam, {
        complete,
        missing: missing.length > 0,
        seen: observedWords(test.stages, run),
        own: reproductions(run, test),
        relieving: test.stages.flatMap((s) => (s.kind === 'relief' ? [s.id] : [])),
      })
    }
    case 'provocation':
      return readProvocation(reading, told, about, exam, test.id === run.test ? run.variant : undefined)
    case 'tension':
      return readTension(reading, told, about, exam)
    case 'staged-tension':
      return readStagedTension(reading, run, test, about, exam)
    case 'range':
      return readRange(reading, told, about)
    case 'crossed':
      return readCrossed(reading, told, side, exam)
  }
}

/** A quantity that is not an angle is told beside the reason, which speaks of degrees. */
function heightWords(test: ExamTest, run: Run): readonly string[] {
  return run.answers.flatMap(({ stage, answer }) => {
    const limits = test.stages.find((s) => s.id === stage)?.angle
    const value = angleOf(answer)
    return limits?.unit && value !== undefined ? [`${limits.joint.charAt(0).toUpperCase()}${limits.joint.slice(1)}: ${value}${limits.unit}.`] : []
  })
}

function measuresOf(run: Run): Finding['measures'] {
  const measures: { onset?: number; end?: number; lowered?: number; held?: number } = {}
  for (const { answer } of run.answers) {
    if (answer.said === 'familiar' && answer.held !== undefined) measures.held = answer.held
    if ('onset' in answer) measures.onset = answer.onset
    if ('end' in answer) measures.end = answer.end
    if ('lowered' in answer) measures.lowered = answer.lowered
  }
  const means = byStage(run, meanOf)
  const spreads = byStage(run, spreadOf)
  return { ...measures, ...(means && { means }), ...(spreads && { spreads }) }
}

function byStage(run: Run, of: (run: Run, stage: string) => number | undefined): Readonly<Record<string, number>> | null {
  const found = run.answers.flatMap(({ stage }) => {
    const value = of(run, stage)
    return value === undefined ? [] : [[stage, value] as const]
  })
  return found.length === 0 ? null : Object.fromEntries(found)
}
