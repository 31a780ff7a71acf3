import { CATALOGUE, testById } from '../catalogue'
import type { ExamTest } from '../catalogue/exam-test'
import type { Finding } from '../findings/finding'
import { findingsOfRun } from '../findings/findings'
import type { EarlierRun, Exam, Run } from '../record/exam'
import { nextStage } from '../record/ladder'

const REPERTORY = { testById, all: CATALOGUE }

/** Where in an episode something was measured. */
export interface When {
  /** The examination it is an entry of. */
  readonly exam: string
  /** Which visit of the episode, from 1. */
  readonly visit: number
  /** 0 before anything was treated in that visit, n after treatment n. */
  readonly moment: number
  /** Milliseconds since 1970. */
  readonly at: number
}

/** One performance of a sign: what was observed, and what it meant then. */
export interface SignRun {
  readonly run: Run
  readonly test: ExamTest
  readonly finding: Finding
  readonly when: When
  /** Its ladder was done to the end; a test that was stopped says nothing of what it did not reach. */
  readonly complete: boolean
}

/**
 * A performance of this visit or an earlier one, read as it stood then.
 *
 * @param exam - the visit in whose record it stands
 * @returns null while it is under way, or where it means nothing
 */
export function signRunOf(run: Run | EarlierRun, exam: Exam): SignRun | null {
  const test = testById(run.test)
  if (!test) return null
  const there = among(run, exam)
  const findings = findingsOfRun(run, there, REPERTORY).filter((f) => f.test === run.test)
  // Of a test that speaks of both sides, the one it is named after; of one without a side, the one where something came on.
  const finding = findings.find((f) => f.about === run.side) ?? findings.find((f) => f.result === 'positive') ?? findings[0]
  if (!finding) return null
  const own = there.overrides.findLast((o) => o.run === run.id && o.about === finding.about)
  const when = 'exam' in run ? { exam: run.exam, visit: run.visit } : { exam: exam.id, visit: exam.episode?.visit ?? 1 }
  return {
    run,
    test,
    finding: own ? { ...finding, result: own.result } : finding,
    when: { ...when, moment: run.moment, at: run.startedAt },
    complete: nextStage({ ...run, stopped: null }, test) === null,
  }
}

/** The performance of one moment that counts: the one said to, else the first that decided something, else the latest. */
export function validOf(runs: readonly SignRun[], { chosen }: Pick<Exam, 'chosen'>): SignRun | null {
  const said = chosen.findLast((c) => runs.some((r) => r.run.id === c.run))
  const decides = ({ finding }: SignRun) => finding.result === 'positive' || finding.result === 'negative'
  return runs.find((r) => r.run.id === said?.run) ?? runs.find(decides) ?? runs.at(-1) ?? null
}

/** An earlier performance is read beside those of its own visit, and beside none of today. */
function among(run: Run | EarlierRun, exam: Exam): Exam {
  if (!('exam' in run)) return exam
  const runs = exam.episode?.earlier.filter((r) => r.exam === run.exam) ?? []
  return { ...exam, symptoms: run.story, runs, overrides: run.overrides.map((o) => ({ ...o, run: run.id })) }
}
