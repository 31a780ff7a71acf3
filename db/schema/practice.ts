import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { written } from './written'

// Practice stands in tables of its own: nothing of it hangs on a person or an examination, and nothing that reads those reads these.

/** Runs of a case: who took it, and what it was made from. Nothing of it changes once it is begun. */
export const practiceRuns = sqliteTable(
  'practice_runs',
  {
    ...written,
    /** What names the case: "neck 14", or the code of a written one. */
    case: text('case').notNull(),
    /** The written case as it stood when it was begun, as JSON; null for a numbered one. */
    file: text('file'),
    /** The person as drawn when it was begun, as JSON: a later program that draws this number otherwise changes no run that is there. */
    patient: text('patient').notNull(),
    /** The class it is taken for; null where it is taken for oneself. */
    class: text('class'),
  },
  (t) => [index('practice_runs_by').on(t.by), index('practice_runs_class').on(t.class)],
)

/** What happened in a run, in order: entries of the record, what the hands did beside it, and the commitment that ends it. */
export const practiceEntries = sqliteTable(
  'practice_entries',
  {
    n: integer('n').primaryKey({ autoIncrement: true }),
    id: text('id').notNull().unique(),
    run: text('run')
      .notNull()
      .references(() => practiceRuns.id),
    kind: text('kind', { enum: ['event', 'step', 'commitment'] }).notNull(),
    at: integer('at').notNull(),
    content: text('content').notNull(),
  },
  (t) => [index('practice_entries_run').on(t.run)],
)

/** What the judge said of a run when it was committed. It stays, whatever a later judge would say. */
export const practiceJudgements = sqliteTable('practice_judgements', {
  run: text('run')
    .primaryKey()
    .references(() => practiceRuns.id),
  at: integer('at').notNull(),
  /** The whole judgement with its moments, as JSON. */
  judgement: text('judgement').notNull(),
  /** What lists and curves show of it, as JSON. */
  content: text('content').notNull(),
  /** What the same person costs by the plan and at best, as JSON: it takes seconds to find. */
  par: text('par').notNull(),
})

/** Answers of drills. Rows are only ever added: when something is due again follows from all of them. */
export const drillAnswers = sqliteTable(
  'drill_answers',
  {
    ...written,
    drill: text('drill').notNull(),
    topic: text('topic').notNull(),
    level: integer('level').notNull(),
    seed: text('seed').notNull(),
    right: integer('right', { mode: 'boolean' }).notNull(),
    share: real('share').notNull(),
    error: real('error'),
  },
  (t) => [index('drill_answers_by').on(t.by)],
)

/** Versions of the cases that teachers wrote; the latest of each counts. */
export const practiceCases = sqliteTable('practice_cases', {
  ...written,
  case: text('case').notNull(),
  withdrawn: integer('withdrawn', { mode: 'boolean' }).notNull(),
  content: text('content').notNull(),
})

/** Versions of the classes that educators set; the latest of each counts. */
export const practiceClasses = sqliteTable('practice_classes', {
  ...written,
  class: text('class').notNull(),
  closed: integer('closed', { mode: 'boolean' }).notNull(),
  /** Title and cases, as JSON. */
  content: text('content').notNull(),
})
