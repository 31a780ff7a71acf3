import { integer, text } from 'drizzle-orm/sqlite-core'

/** Who wrote an entry and when, in tables where entries are only ever added. */
export const written = {
  /** UUID version 7, made where the entry was made: sending it twice stores it once. */
  id: text('id').primaryKey(),
  by: text('by').notNull(),
  at: integer('at').notNull(),
}
