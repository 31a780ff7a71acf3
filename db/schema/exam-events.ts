import { integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { exams } from './exams'

/**
 * The log of every examination. Rows are only ever added: triggers in the first migration refuse any
 * change or removal.
 */
export const examEvents = sqliteTable(
  'exam_events',
  {
    examId: text('exam_id')
      .notNull()
      .references(() => exams.id),
    /** Place in the examination, from 1. */
    seq: integer('seq').notNull(),
    /** The event's own id, made where it was made: sending it twice stores it once. */
    id: text('id').notNull().unique(),
    /** The event as JSON, keys in order. */
    event: text('event').notNull(),
    previousHash: text('previous_hash').notNull(),
    /** SHA-256 over the previous hash and the event. */
    hash: text('hash').notNull(),
  },
  (t) => [primaryKey({ columns: [t.examId, t.seq] })],
)
