import { eq } from 'drizzle-orm'
import type { Db, Reads } from '../open'
import { practitioners } from '../schema'

/** Someone who records examinations. */
export interface Practitioner {
  readonly id: string
  readonly name: string
}

/** Add a practitioner, once. */
export function addPractitioner(db: Db, practitioner: Practitioner): void {
  db.insert(practitioners).values(practitioner).onConflictDoNothing().run()
}

/** The practitioner with this id. */
export function practitionerById(db: Reads, id: string): Practitioner | undefined {
  return db.select().from(practitioners).where(eq(practitioners.id, id)).get()
}
