import type { Reads, Writes } from '../open'
import { clinic } from '../schema'

/** The row of this clinic. */
export function thisClinic(db: Reads): { readonly id: string; readonly demo: boolean; readonly madeAt: number } {
  const row = db.select().from(clinic).get()
  if (!row) throw new Error('The clinic has no row of its own; the database is damaged.')
  return row
}

/** Everything in this clinic is invented: the demo practitioner may be signed in without a password. */
export function markAsDemo(db: Writes): void {
  db.update(clinic).set({ demo: true }).run()
}
