import { count, desc, eq } from 'drizzle-orm'
import type { Reads, Writes } from '../open'
import { exams, people } from '../schema'
import type { Person } from './people'

/** An examination with whom it is about. */
export interface ExamHead {
  readonly id: string
  readonly at: number
  readonly person: Person
}

const HEAD = {
  id: exams.id,
  at: exams.at,
  person: { id: people.id, number: people.number, name: people.name, born: people.born, work: people.work },
}

/** The newest examinations, latest first. */
export function examHeads(db: Reads, limit = 1000): readonly ExamHead[] {
  return db.select(HEAD).from(exams).innerJoin(people, eq(people.id, exams.personId)).orderBy(desc(exams.at)).limit(limit).all()
}

/** How many examinations there are. */
export function countExams(db: Reads): number {
  return db.select({ n: count() }).from(exams).get()?.n ?? 0
}

/** One examination with whom it is about. */
export function examHead(db: Reads, examId: string): ExamHead | undefined {
  return db.select(HEAD).from(exams).innerJoin(people, eq(people.id, exams.personId)).where(eq(exams.id, examId)).get()
}

/** Everything one person was examined in, the latest first. */
export function examsOfPerson(db: Reads, personId: string): readonly Pick<ExamHead, 'id' | 'at'>[] {
  return db.select({ id: exams.id, at: exams.at }).from(exams).where(eq(exams.personId, personId)).orderBy(desc(exams.at), desc(exams.id)).all()
}

/** Put an examination into the book. Doing it again with the same id changes nothing. */
export function bookExam(db: Writes, exam: { readonly id: string; readonly personId: string; readonly at: number }): void {
  db.insert(exams).values(exam).onConflictDoNothing({ target: exams.id }).run()
}
