import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'

/** People who are examined. Names live here alone, never in the event log. */
export const people = sqliteTable('people', {
  id: text('id').primaryKey(),
  /** The clinic's own number, counted up. */
  number: integer('number').notNull().unique(),
  name: text('name').notNull(),
  /** Date of birth, YYYY-MM-DD; null when not known. */
  born: text('born'),
  work: text('work').notNull(),
  addedAt: integer('added_at').notNull(),
  /** Chance, so that nobody guesses a name from its hash in the chain; it goes with the row. */
  salt: text('salt').notNull().default(''),
})
