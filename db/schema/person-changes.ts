import { sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { written } from './written'

/**
 * What was put right about people and about whose an examination is. Rows are only ever added: `people` and `exams` hold what counts now,
 * and these tell how it came to that.
 */
export const personChanges = sqliteTable('person_changes', {
  ...written,
  kind: text('kind', { enum: ['corrected', 'moved', 'merged'] }).notNull(),
  why: text('why').notNull(),
  /** What was before and after, as JSON; its shape goes by the kind. */
  content: text('content').notNull(),
  /** Chance, so that nobody guesses what stood here from its hash in the chain. */
  salt: text('salt').notNull().default(''),
})
