import { eq, max } from 'drizzle-orm'
import type { Db, Reads, Writes } from '../open'
import { people } from '../schema'

/** A person as lists and headers show them. */
export interface Person {
  readonly id: string
  readonly number: number
  readonly name: string
  /** YYYY-MM-DD, or null when not known. */
  readonly born: string | null
  readonly work: string
}

/** Add a person under the next number. Adding the same id again changes nothing. */
export function addPerson(db: Db, person: Omit<Person, 'number'>, addedAt: number): void {
  db.transaction((tx) => addPersonWithin(tx, person, addedAt), { behavior: 'immediate' })
}

/** The same inside a transaction that does more. */
export function addPersonWithin(tx: Reads & Writes, person: Omit<Person, 'number'>, addedAt: number): void {
  const last =
    tx
      .select({ number: max(people.number) })
      .from(people)
      .get()?.number ?? 100
  tx.insert(people)
    .values({ ...person, number: last + 1, addedAt })
    .onConflictDoNothing({ target: people.id })
    .run()
}

/** The person with this id. */
export function personById(db: Reads, id: string): Person | undefined {
  return db
    .select({ id: people.id, number: people.number, name: people.name, born: people.born, work: people.work })
    .from(people)
    .where(eq(people.id, id))
    .get()
}
