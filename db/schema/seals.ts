import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { written } from './written'

/**
 * The chain over everything that matters in this clinic. Triggers write a link for each row that is added or put right; no program
 * writes here itself. It holds hashes alone, so what is erased is erased.
 */
export const seals = sqliteTable(
  'seals',
  {
    n: integer('n').primaryKey(),
    /** By the clock of the server, milliseconds since 1970; what a window says of the time stands in its event. */
    at: integer('at').notNull(),
    /** The table. */
    kind: text('kind').notNull(),
    /** The row of it. */
    row: text('row').notNull(),
    /** SHA-256 of the row as it was then. */
    content: text('content').notNull(),
    previousHash: text('previous_hash').notNull(),
    hash: text('hash').notNull(),
  },
  (t) => [index('seals_row').on(t.kind, t.row)],
)

/** Persons erased on lawful request. The names are gone; what was there is counted, so that the chain still tells that it was. */
export const erasures = sqliteTable('erasures', {
  ...written,
  /** Id of the person; nobody has it any more. */
  person: text('person').notNull(),
  /** Practitioner's words; they name nobody. */
  why: text('why').notNull(),
  /** Ids of examinations with the number and last hash of their entries, and of corrections, as JSON. */
  content: text('content').notNull(),
})
