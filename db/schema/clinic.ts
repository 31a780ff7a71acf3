import { integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { written } from './written'

// The latest entry of each counts.

/** Figures of the register that the clinic replaced, or gave back. */
export const evidenceOverrides = sqliteTable('evidence_overrides', {
  ...written,
  row: text('row').notNull(),
  /** The new figures as JSON; null gives the shipped ones back. */
  figures: text('figures'),
  source: text('source').notNull(),
})

/** Starting probabilities that the clinic set in place of a line of the table, or gave back. */
export const ownPriors = sqliteTable('own_priors', {
  ...written,
  line: text('line').notNull(),
  setting: text('setting').notNull(),
  p: real('p'),
  source: text('source').notNull(),
})

/** Versions of the rules a clinic wrote for itself. */
export const ownRules = sqliteTable('own_rules', {
  ...written,
  rule: text('rule').notNull(),
  withdrawn: integer('withdrawn', { mode: 'boolean' }).notNull(),
  /** The rule as JSON, without who wrote it and when. */
  content: text('content').notNull(),
})

/** Choices of the clinic: schools, setting, plan, prices of turning. */
export const settings = sqliteTable('settings', {
  ...written,
  key: text('key').notNull(),
  value: text('value').notNull(),
})
