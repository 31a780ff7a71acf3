import 'server-only'
import { houseOf } from '../db/queries/clinic'
import { type ExamTitle, importedWords as wordsOf, titleOfExam } from '../db/queries/exam-title'
import type { Imported } from '../db/queries/imports'
import type { Db } from '../db/open'

export type { ExamTitle } from '../db/queries/exam-title'

/** How an examination came here as a file, for screens and paper. */
export function importedWords(db: Db, imported: Imported): string {
  return wordsOf(db, imported)
}

/** A title with the layout of notes this clinic chose. */
export function titled(db: Db, examId: string) {
  const title = examTitle(db, examId)
  if (!title) return null
  const { who, about, name, born, when, by, number, day, claimed } = title
  return { who, about, name, born, when, by, stem: `${number}-${day}`, template: houseOf(db).template, claimed }
}

/** @returns null when there is no such examination */
export function examTitle(db: Db, examId: string): ExamTitle | null {
  return titleOfExam(db, examId)
}
