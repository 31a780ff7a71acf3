import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { exams } from './exams'
import { written } from './written'

/**
 * What was said of an episode beside its examinations: that it was closed or goes on, when somebody is due, and what its source turned
 * out to be. Rows are only ever added. An episode is named by the examination it began with.
 */
export const episodeChanges = sqliteTable(
  'episode_changes',
  {
    ...written,
    /** Whose it was when this was said. */
    person: text('person').notNull(),
    episode: text('episode').notNull(),
    kind: text('kind', { enum: ['discharged', 'reopened', 'due', 'confirmed', 'withdrawn'] }).notNull(),
    /** What was said, as JSON; its shape goes by the kind. */
    content: text('content').notNull(),
    /** Chance, so that nobody guesses what stood here from its hash in the chain. */
    salt: text('salt').notNull(),
  },
  (t) => [index('episode_changes_episode').on(t.episode)],
)

/**
 * Every performance of a test, as pages over several visits show it.
 *
 * A projection: computed from the events, rewritten whenever its examination is read anew, and never a source.
 */
export const performances = sqliteTable(
  'performances',
  {
    examId: text('exam_id')
      .notNull()
      .references(() => exams.id),
    run: text('run').notNull(),
    /** Place among the performances of its examination, from 0. */
    n: integer('n').notNull(),
    test: text('test').notNull(),
    side: text('side').notNull(),
    variant: text('variant').notNull(),
    moment: integer('moment').notNull(),
    at: integer('at').notNull(),
    complete: integer('complete', { mode: 'boolean' }).notNull(),
    result: text('result').notNull(),
    why: text('why').notNull(),
    /** What was measured, as JSON: stage, kind, value, unit, which way is freer, and the error known of it. */
    measures: text('measures').notNull(),
    symptom: text('symptom'),
    intensity: integer('intensity'),
  },
  (t) => [primaryKey({ columns: [t.examId, t.run] })],
)

/** What became of each sign, as its examination tells it. A projection like the performances. */
export const signChanges = sqliteTable(
  'sign_changes',
  {
    examId: text('exam_id')
      .notNull()
      .references(() => exams.id),
    test: text('test').notNull(),
    side: text('side').notNull(),
    span: text('span').notNull(),
    verdict: text('verdict').notNull(),
    sentence: text('sentence').notNull(),
    alert: text('alert'),
    /** The performances that were compared. */
    before: text('before').notNull(),
    after: text('after').notNull(),
  },
  (t) => [primaryKey({ columns: [t.examId, t.test, t.side, t.span] })],
)

/**
 * Episodes as lists show them: whose, how many visits, open or closed, when somebody is due. A projection over its examinations and
 * what was said of it.
 */
export const episodes = sqliteTable(
  'episodes',
  {
    episode: text('episode').notNull(),
    person: text('person').notNull(),
    visits: integer('visits').notNull(),
    firstAt: integer('first_at').notNull(),
    lastAt: integer('last_at').notNull(),
    lastExam: text('last_exam').notNull(),
    open: integer('open', { mode: 'boolean' }).notNull(),
    /** YYYY-MM-DD; null where nobody is asked for. */
    due: text('due'),
  },
  (t) => [primaryKey({ columns: [t.episode, t.person] }), index('episodes_person').on(t.person), index('episodes_due').on(t.due)],
)
