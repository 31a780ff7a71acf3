import { asc } from 'drizzle-orm'
import type { CaseFile } from '../../core/trainer/case-file/file'
import type { Db, Reads } from '../open'
import { practiceCases, practiceClasses } from '../schema'

/** Who wrote something, when, and under which number. */
interface Written {
  readonly id: string
  readonly by: string
  readonly at: number
}

/** A case that a teacher wrote, as it stands. */
export interface WrittenCase {
  readonly code: string
  readonly by: string
  readonly at: number
  readonly file: CaseFile
}

/** A class: cases that several people take. */
export interface PracticeClass {
  readonly id: string
  readonly by: string
  readonly at: number
  readonly title: string
  /** What names its cases, in order. */
  readonly cases: readonly string[]
  readonly closed: boolean
}

/** Keep a version of a case, or withdraw it. The same number again changes nothing. */
export function keepCase(db: Db, written: Written, code: string, file: CaseFile, withdrawn: boolean): void {
  db.insert(practiceCases)
    .values({ ...written, case: code, withdrawn, content: JSON.stringify(file) })
    .onConflictDoNothing()
    .run()
}

/** Every case that stands, the latest written first. */
export function writtenCases(db: Reads): readonly WrittenCase[] {
  const latest = new Map(
    db
      .select()
      .from(practiceCases)
      .orderBy(asc(practiceCases.at), asc(practiceCases.id))
      .all()
      .map((row) => [row.case, row]),
  )
  return [...latest.values()]
    .filter((row) => !row.withdrawn)
    .map((row) => ({ code: row.case, by: row.by, at: row.at, file: JSON.parse(row.content) as CaseFile }))
    .toReversed()
}

/** One written case as it stands; undefined where there is none. */
export function writtenCase(db: Reads, code: string): WrittenCase | undefined {
  return writtenCases(db).find((c) => c.code === code)
}

/** Keep a version of a class. The same number again changes nothing. */
export function keepClass(db: Db, written: Written, { id, title, cases, closed }: Pick<PracticeClass, 'id' | 'title' | 'cases' | 'closed'>): void {
  db.insert(practiceClasses)
    .values({ ...written, class: id, closed, content: JSON.stringify({ title, cases }) })
    .onConflictDoNothing()
    .run()
}

/** Every class, the latest set first; those that are closed at the end. */
export function practiceClassesOf(db: Reads): readonly PracticeClass[] {
  const latest = new Map(
    db
      .select()
      .from(practiceClasses)
      .orderBy(asc(practiceClasses.at), asc(practiceClasses.id))
      .all()
      .map((row) => [row.class, row]),
  )
  const all = [...latest.values()].map((row): PracticeClass => {
    const { title, cases } = JSON.parse(row.content) as { title: string; cases: string[] }
    return { id: row.class, by: row.by, at: row.at, title, cases, closed: row.closed }
  })
  return all.toReversed().toSorted((a, b) => Number(a.closed) - Number(b.closed))
}
