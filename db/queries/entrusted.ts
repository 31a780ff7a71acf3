import { and, desc, eq } from 'drizzle-orm'
import type { Reads, Writes } from '../open'
import { accounts, entrusted, practitioners } from '../schema'
import type { Written } from './clinic'

/** May this student work on this examination now? */
export function isEntrusted(db: Reads, exam: string, student: string): boolean {
  const latest = db
    .select({ ended: entrusted.ended })
    .from(entrusted)
    .where(and(eq(entrusted.exam, exam), eq(entrusted.student, student)))
    .orderBy(desc(entrusted.at), desc(entrusted.id))
    .get()
  return latest !== undefined && !latest.ended
}

/** Entrust an examination to a student, or end that. Doing it again with the same id changes nothing. */
export function writeEntrusted(db: Writes, written: Written, { exam, student, ended }: { exam: string; student: string; ended: boolean }): void {
  db.insert(entrusted)
    .values({ ...written, exam, student, ended })
    .onConflictDoNothing({ target: entrusted.id })
    .run()
}

/** Examinations entrusted to a student now. */
export function entrustedTo(db: Reads, student: string): readonly string[] {
  const exams = db.selectDistinct({ exam: entrusted.exam }).from(entrusted).where(eq(entrusted.student, student)).all()
  return exams.map((row) => row.exam).filter((exam) => isEntrusted(db, exam, student))
}

/** Students who may sign in, and which of them this examination is entrusted to. */
export function studentsFor(db: Reads, exam: string): readonly { readonly id: string; readonly name: string; readonly entrusted: boolean }[] {
  return db
    .select({ id: accounts.id, name: practitioners.name })
    .from(accounts)
    .innerJoin(practitioners, eq(practitioners.id, accounts.id))
    .where(and(eq(accounts.role, 'student'), eq(accounts.open, true)))
    .all()
    .map((student) => ({ ...student, entrusted: isEntrusted(db, exam, student.id) }))
}
