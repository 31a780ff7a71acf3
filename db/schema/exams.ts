import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { people } from './people'

/** One examination: whose, and when. What happened in it stands in its events. */
export const exams = sqliteTable(
  'exams',
  {
    id: text('id').primaryKey(),
    personId: text('person_id')
      .notNull()
      .references(() => people.id),
    /** Time of the appointment, milliseconds since 1970. */
    at: integer('at').notNull(),
  },
  (t) => [index('exams_at').on(t.at), index('exams_person').on(t.personId)],
)
