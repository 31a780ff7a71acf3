import { eq } from 'drizzle-orm'
import { CATALOGUE, testById } from '../../core/catalogue'
import { findingsOf } from '../../core/findings/findings'
import type { Exam } from '../../core/record/exam'
import type { Writes } from '../open'
import { findings } from '../schema'

/** Rewrite the projected findings of the examination stored under this id, and of no other. */
export function projectFindings(db: Pick<Writes, 'insert' | 'delete'>, examId: string, exam: Exam): void {
  db.delete(findings).where(eq(findings.examId, examId)).run()
  const rows = findingRows(exam).map((finding) => ({ examId, ...finding }))
  if (rows.length > 0) db.insert(findings).values(rows).run()
}

/** Findings as the lists hold them: what was signed, where that was kept; else what the record reads as now. */
export function findingRows(exam: Exam) {
  const { frozen } = exam.signed ?? {}
  const told = frozen ? frozen.findings : findingsOf(exam, { testById, all: CATALOGUE }).map((f) => ({ ...f, ...f.measures }))
  return told.map(({ test, side, about, variant, result, why, symptom, onset, end }) => ({
    test,
    side,
    about,
    variant,
    result,
    why,
    symptom,
    onset: tenths(onset),
    end: tenths(end),
  }))
}

function tenths(angle: number | undefined): number | null {
  return angle === undefined ? null : Math.round(angle * 10)
}
