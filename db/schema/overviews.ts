import { sql } from 'drizzle-orm'
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { exams } from './exams'

/**
 * What lists show of an examination without reading its events.
 *
 * A projection, never a source: `head`, complaint and symptoms are written with the append; progress and conclusion, which need the
 * whole reading, follow as soon as nobody waits, and `covers` says how far they have come. Rebuilt whole by a command.
 */
export const overviews = sqliteTable(
  'overviews',
  {
    /** Also the row of the search index. */
    n: integer('n').primaryKey({ autoIncrement: true }),
    examId: text('exam_id')
      .notNull()
      .unique()
      .references(() => exams.id),
    /** Events stored. */
    head: integer('head').notNull(),
    /** Events that progress, conclusion and findings were read from. */
    covers: integer('covers').notNull(),
    age: integer('age'),
    complaint: text('complaint').notNull(),
    /** Familiar symptoms as JSON: id, words, first place. */
    symptoms: text('symptoms').notNull(),
    state: text('state').notNull(),
    progress: text('progress').notNull(),
    goOn: text('go_on').notNull(),
    conclusion: text('conclusion').notNull(),
    /** The examination its episode began with, which is itself for a first visit; and which visit of it. */
    episode: text('episode').notNull().default(''),
    visit: integer('visit').notNull().default(1),
    /** What changed since the last visit, in a few words; empty where nothing is compared. */
    changed: text('changed').notNull().default(''),
    /** Treatments of this visit, as JSON. */
    treatments: text('treatments').notNull().default('[]'),
  },
  // Only those that are behind: nearly always none.
  (t) => [index('overviews_behind').on(t.n).where(sql`covers < head`), index('overviews_episode').on(t.episode)],
)
