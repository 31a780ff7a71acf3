import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { exams } from './exams'
import { written } from './written'

/**
 * What each examination adds to an audit.
 *
 * A projection: computed from the events, rewritten whenever the examination is read anew, and never a source.
 */
export const auditFacts = sqliteTable(
  'audit_facts',
  {
    examId: text('exam_id')
      .primaryKey()
      .references(() => exams.id),
    /** Time of the appointment, and who opened it. */
    at: integer('at').notNull(),
    by: text('by').notNull(),
    region: text('region').notNull(),
    episode: text('episode').notNull(),
    facts: text('facts').notNull(),
  },
  (t) => [index('audit_facts_at').on(t.at)],
)

/** Series by which the clinic measures its own error. Rows are only ever added; the latest of a series counts. */
export const reliabilitySeries = sqliteTable(
  'reliability_series',
  {
    ...written,
    series: text('series').notNull(),
    kind: text('kind', { enum: ['begun', 'measured', 'used', 'given-back'] }).notNull(),
    /** What was entered, as JSON; its shape goes by the kind. People are numbers of the series and nobody else. */
    content: text('content').notNull(),
  },
  (t) => [index('reliability_series_series').on(t.series)],
)
