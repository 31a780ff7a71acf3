import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { exams } from './exams'

/**
 * What the examinations found, for search and audit.
 *
 * A projection: computed from the events, rewritten with every append, and rebuilt whole by a command. Never a source.
 */
export const findings = sqliteTable(
  'findings',
  {
    examId: text('exam_id')
      .notNull()
      .references(() => exams.id),
    test: text('test').notNull(),
    side: text('side').notNull(),
    about: text('about').notNull(),
    variant: text('variant').notNull(),
    result: text('result').notNull(),
    why: text('why').notNull(),
    symptom: text('symptom'),
    /** Angles in tenths of a degree. */
    onset: integer('onset'),
    end: integer('end'),
  },
  (t) => [primaryKey({ columns: [t.examId, t.test, t.side, t.about] }), index('findings_test').on(t.test, t.result)],
)
