import { type Assessment, assess, assessFindings } from '../../assess'
import { testById } from '../../catalogue'
import { EDITION } from '../../edition'
import { knowledgeAt, SHIPPED } from '../../evidence/knowledge'
import type { Finding, SourceReading } from '../../findings/finding'
import { speaksWithFigures } from '../../catalogue/reading/speaks'
import type { Exam } from '../../record/exam'
import { examFrom, NOTHING_YET } from '../../record/exam'
import { otherSide, SIDES, type Side } from '../../vocabulary/side'
import type { CaseFile, CaseResult, ExamFile } from './file'

/** Assess a whole examination file; null when its events open none. */
export function assessExamFile(file: ExamFile): Assessment | null {
  const exam = examFrom(file.events)
  return exam && assess(exam, { priors: file.priors, clinic: file.clinic })
}

/**
 * Assess a published case from its results alone.
 *
 * There are no observations, so a result speaks only through the figure of its test. A Gaenslen names the lowered leg;
 * it is counted for every side the case speaks about, since the case does not say at which joint the pain came on.
 */
export function assessCase(file: CaseFile): Assessment {
  const about = sidesSpokenAbout(file.results)
  const findings = file.results.flatMap((result) => findingsOfResult(result, about))
  const exam = { ...emptyExam(file.facts.age), setting: file.setting }
  return assessFindings({ exam, findings, given: file.conditions }, about, { priors: file.priors, knowledge: knowledgeAt(SHIPPED, Infinity) })
}

function sidesSpokenAbout(results: readonly CaseResult[]): readonly Side[] {
  const plain = results.filter((r) => !testById(r.test)?.loadsBoth).map((r) => (testById(r.test)?.reading.kind === 'crossed' ? otherSide(r.side) : r.side))
  const named = new Set(plain.length > 0 ? plain : results.map((r) => r.side))
  // Conditions alone name no side.
  return named.size === 0 ? SIDES : SIDES.filter((side) => named.has(side))
}

function findingsOfResult(result: CaseResult, sides: readonly Side[]): readonly Finding[] {
  const test = testById(result.test)
  if (!test) return []
  const about = test.loadsBoth ? sides : test.reading.kind === 'crossed' ? [otherSide(result.side)] : [result.side]
  const why = 'Given as a result, without what was observed.'
  const direction = result.result === 'positive' ? 'for' : 'against'
  // A case given as results says no more than a performance would.
  const speaks = result.result === 'inconclusive' ? [] : speaksWithFigures(test.reading, result.result)
  const told = speaks.map((source): SourceReading => ({ source, direction, strength: 'quantified', why }))
  const pointer: SourceReading = { source: test.reading.source, direction, strength: 'pointer', why }
  const readings = told.some((r) => r.source === pointer.source) ? told : [...told, pointer]
  return about.map((side) => ({
    test: test.id,
    side: result.side,
    about: side,
    variant: test.variants[0]?.id ?? '',
    run: '',
    result: result.result,
    why,
    symptom: null,
    places: [],
    intensity: null,
    readings: result.result === 'inconclusive' ? [] : readings,
    measures: {},
    onsetStage: null,
    checks: [],
  }))
}

function emptyExam(age: number | null): Exam {
  return {
    id: '',
    personId: '',
    ageYears: age,
    openedAt: 0,
    openedBy: '',
    edition: EDITION,
    ...NOTHING_YET,
    length: 0,
  }
}
