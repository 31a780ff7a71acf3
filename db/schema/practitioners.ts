import { sqliteTable, text } from 'drizzle-orm/sqlite-core'

/** People who record examinations. The id is a short name and stands in every event. */
export const practitioners = sqliteTable('practitioners', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
})
