import { eq } from 'drizzle-orm'
import { CATALOGUE, testById } from '../../core/catalogue'
import { findingsOf } from '../../core/findings/findings'
import type { Exam } from '../../core/record/exam'
import type { Db } from '../open'
import { findings } from '../schema'

type Writes = Pick<Db, 'insert' | 'delete'>

/** Rewrite the projected findings of one exam. */
export function projectFindings(db: Writes, exam: Exam): void {
  db.delete(findings).where(eq(findings.examId, exam.id)).run()
  const rows = findingsOf(exam, { testById, all: CATALOGUE }).map((f) => ({
    examId: exam.id,
    test: f.test,
    side: f.side,
    about: f.about,
    variant: f.variant,
    result: f.result,
    why: f.why,
    symptom: f.symptom,
    onset: tenths(f.measures.onset),
    end: tenths(f.measures.end),
  }))
  if (rows.length > 0) db.insert(findings).values(rows).run()
}

function tenths(angle: number | undefined): number | null {
  return angle === undefined ? null : Math.round(angle * 10)
}
