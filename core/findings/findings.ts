import type { ExamTest, TestId } from '../catalogue/exam-test'
import { type Answer, angleOf } from '../record/answer'
import type { Exam, Run } from '../record/exam'
import { nextStage } from '../record/ladder'
import { otherSide, SIDES, type Side } from '../vocabulary/side'
import { compareSides } from './compare-sides'
import { type Finding, type Read, RESULT_WORDS } from './finding'
import { meanOf, spreadOf } from './measures'
import { observedWords } from './observed-words'
import { readCrossed } from './read-crossed'
import { readDifferentiation } from './read-differentiation'
import { readProvocation } from './read-provocation'
import { readRange } from './read-range'
import { readStagedTension } from './read-staged-tension'
import { readTable } from './read-table'
import { readTension } from './read-tension'

/** The catalogue, as far as findings need it. */
export interface Repertory {
  readonly testById: (id: string) => ExamTest | undefined
  readonly all: readonly ExamTest[]
}

/**
 * Everything the examination found, one finding for each test, side and side it speaks about.
 *
 * The one place where raw answers become meaning. The latest finished performance of a test counts; a
 * run still on its ladder is not a finding yet. A test that another one already answered is filled from it.
 */
export function findingsOf(exam: Exam, repertory: Repertory): readonly Finding[] {
  const known = KNOWN.get(exam)
  if (known?.all === repertory.all) return known.findings
  const findings = read(exam, repertory)
  KNOWN.set(exam, { all: repertory.all, findings })
  return findings
}

/** An examination is never changed in place, so what it means can be kept with it: gates, rules and screens all ask. */
const KNOWN = new WeakMap<Exam, { readonly all: Repertory['all']; readonly findings: readonly Finding[] }>()

function read(exam: Exam, { testById, all }: Repertory, only?: TestId): readonly Finding[] {
  const latest = new Map<string, Finding>()
  const filledBy = filledByOf(all)
  for (const run of exam.runs) {
    if (only !== undefined && run.test !== only && !filledBy.get(run.test)?.some((t) => t.id === only)) continue
    const test = testById(run.test)
    if (!test) continue
    for (const finding of readOnce(run, exam, all, () => (nextStage(run, test) === null ? [test, ...(filledBy.get(test.id) ?? [])] : []))) {
      if (only === undefined || finding.test === only) latest.set(`${finding.test} ${finding.side} ${finding.about}`, finding)
    }
  }
  return compareSides([...latest.values()], testById).map((finding) => overridden(finding, exam))
}

/**
 * What one test found, the same results as among {@link findingsOf}, at the cost of this test alone: for a gate that hangs on it.
 *
 * Remarks that need another test beside it are left out.
 */
export function findingsOfTest(exam: Exam, test: TestId, repertory: Repertory): readonly Finding[] {
  const known = KNOWN.get(exam)
  return known?.all === repertory.all ? known.findings.filter((f) => f.test === test) : read(exam, repertory, test)
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

/** What each run was read as. A run is never changed in place, and its reading asks nothing of the examination but the symptoms. */
const READ_RUNS = new WeakMap<Run, { readonly symptoms: Exam['symptoms']; readonly all: Repertory['all']; readonly findings: readonly Finding[] }>()

/** So that one more answer costs one more reading, however long the record is. */
function readOnce(run: Run, exam: Exam, all: Repertory['all'], tests: () => readonly ExamTest[]): readonly Finding[] {
  const known = READ_RUNS.get(run)
  if (known?.symptoms === exam.symptoms && known.all === all) return known.findings
  const findings = tests().flatMap((test) => interpretRun(test, run, exam))
  READ_RUNS.set(run, { symptoms: exam.symptoms, all, findings })
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
  const pairs: readonly (readonly [Side, Side])[] =
    run.side === 'none'
      ? SIDES.map((side) => [side, side] as const)
      : test.reading.kind === 'crossed'
        ? [[run.side, otherSide(run.side)]]
        : test.loadsBoth
          ? [
              [run.side, run.side],
              [run.side, otherSide(run.side)],
            ]
          : [[run.side, run.side]]
  return pairs.flatMap(([side, about]) => interpret(test, run, side, about, exam) ?? [])
}

/**
 * What one finished run means for one side.
 *
 * @returns null when nothing was observed, or the question the test asks did not arise
 */
function interpret(test: ExamTest, run: Run, side: Side, about: Side, exam: Exam): Finding | null {
  if (run.answers.length === 0 && run.stopped !== 'patient-asked') return null
  const answers = run.answers.map((a) => a.answer)
  const begun = run.answers.find((a) => a.answer.said === 'familiar')
  const told = begun?.answer ?? answers.at(-1)
  const read = readRun(test, run, told, side, about, exam)
  return (
    read && {
      test: test.id,
      side,
      about,
      variant: run.variant,
      run: run.id,
      result: read.result,
      why: read.why,
      readings: read.readings,
      checks: [...(read.checks ?? []), ...heightWords(test, run)],
      symptom: told?.said === 'familiar' ? told.symptom : null,
      places: told && 'places' in told ? told.places : [],
      intensity: told?.said === 'familiar' ? told.intensity : null,
      measures: measuresOf(run),
      onsetStage: begun?.stage ?? null,
    }
  )
}

function readRun(test: ExamTest, run: Run, told: Answer | undefined, side: Side, about: Side, exam: Exam): Read | null {
  if (!told) return { result: 'inconclusive', why: 'The patient asked to stop before an answer.', readings: [] }
  const { reading } = test
  const complete = test.id !== run.test || nextStage({ ...run, stopped: null }, test) === null
  const answers = run.answers.map((a) => a.answer)
  if (reading.kind === 'differentiation') return readDifferentiation(reading, answers, complete)
  if (reading.kind === 'table') {
    return readTable(reading, run, about, exam, complete && run.stopped !== 'patient-asked', observedWords(test.stages, run))
  }
  // A quiet early stage of a test that was then stopped does not make the test negative.
  if ((!complete || run.stopped === 'patient-asked') && told.said !== 'familiar') {
    return { result: 'inconclusive', why: 'Stopped before the test was complete, with nothing familiar so far.', readings: [] }
  }
  switch (reading.kind) {
    case 'provocation':
      return readProvocation(reading, told, about, exam)
    case 'tension':
      return readTension(reading, told, about, exam)
    case 'staged-tension':
      return readStagedTension(reading, run, about, exam)
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
