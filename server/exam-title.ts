import 'server-only'
import { db } from '../db'
import { type ExamTitle, importedWords as wordsOf, titleOfExam } from '../db/queries/exam-title'
import type { Imported } from '../db/queries/imports'

export type { ExamTitle } from '../db/queries/exam-title'

/** How an examination came here as a file, for screens and paper. */
export function importedWords(imported: Imported): string {
  return wordsOf(db(), imported)
}

/** @returns null when there is no such examination */
export function examTitle(examId: string): ExamTitle | null {
  return titleOfExam(db(), examId)
}
