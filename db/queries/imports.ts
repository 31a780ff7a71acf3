import { eq } from 'drizzle-orm'
import type { Reads } from '../open'
import { imports } from '../schema'

/** What is known of an examination that came as a file: who imported it and when. Everything the file says is its own claim. */
export interface Imported {
  readonly by: string
  readonly at: number
  /** Authors the file names. */
  readonly authors: readonly string[]
  /** Entries that came with the file; what follows them was recorded here. */
  readonly entries: number
  /** SHA-256 of the file. */
  readonly file: string
}

/** @returns null for an examination that was recorded here */
export function importedAs(db: Reads, examId: string): Imported | null {
  const row = db.select().from(imports).where(eq(imports.exam, examId)).get()
  return row ? { by: row.by, at: row.at, authors: JSON.parse(row.authors) as readonly string[], entries: row.entries, file: row.file } : null
}
