import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core'
import { exams } from './exams'
import { practitioners } from './practitioners'
import { written } from './written'

/** This clinic: one row, made with the database, by which its data is known again. */
export const clinic = sqliteTable('clinic', {
  id: text('id').primaryKey(),
  /** Invented data: the demo practitioner may be signed in without a password. */
  demo: integer('demo', { mode: 'boolean' }).notNull(),
  madeAt: integer('made_at').notNull(),
})

/** Who may sign in. The id is that of the practitioner, as it stands in events. */
export const accounts = sqliteTable('accounts', {
  id: text('id')
    .primaryKey()
    .references(() => practitioners.id),
  /** The name that is typed to sign in, in small letters. */
  login: text('login').notNull().unique(),
  role: text('role', { enum: ['lead', 'practitioner', 'student'] }).notNull(),
  /** argon2id in its usual notation; null until the person has chosen one. */
  password: text('password'),
  /** Opens a locked screen; argon2id. */
  pin: text('pin'),
  /** Secret of the second factor in base32; null without one. */
  totp: text('totp'),
  /** The last stretch of 30 s whose code was used: no code is good twice. */
  totpUsed: integer('totp_used').notNull().default(0),
  /** SHA-256 of each recovery code that is left, as JSON. */
  recovery: text('recovery').notNull().default('[]'),
  /** SHA-256 of the code by which a password is chosen, and until when it is good. */
  invitation: text('invitation'),
  invitedUntil: integer('invited_until'),
  /** False: may not sign in any more. */
  open: integer('open', { mode: 'boolean' }).notNull().default(true),
  madeAt: integer('made_at').notNull(),
})

/** Somebody who is signed in at one browser. Only the hash of the cookie is stored. */
export const sessions = sqliteTable(
  'sessions',
  {
    /** SHA-256 of the token in the cookie. */
    id: text('id').primaryKey(),
    account: text('account')
      .notNull()
      .references(() => accounts.id),
    madeAt: integer('made_at').notNull(),
    /** When a hand was last seen at it. */
    seenAt: integer('seen_at').notNull(),
    locked: integer('locked', { mode: 'boolean' }).notNull().default(false),
    /** Password given, second factor still owed. */
    half: integer('half', { mode: 'boolean' }).notNull(),
    /** Wrong tries to unlock since it was locked. */
    tries: integer('tries').notNull().default(0),
    address: text('address').notNull(),
    /** The browser as it names itself. */
    device: text('device').notNull(),
  },
  (t) => [index('sessions_account').on(t.account)],
)

/** Examinations a student may work on. Rows are only added; the latest of a student and an examination counts. */
export const entrusted = sqliteTable('entrusted', {
  ...written,
  exam: text('exam').notNull(),
  student: text('student').notNull(),
  ended: integer('ended', { mode: 'boolean' }).notNull(),
})

/** Who did what, when and from where, beside what records tell themselves. Rows are only ever added. */
export const trail = sqliteTable(
  'trail',
  {
    n: integer('n').primaryKey(),
    at: integer('at').notNull(),
    /** Id of the practitioner; empty where nobody was signed in. */
    who: text('who').notNull(),
    what: text('what').notNull(),
    /** Id of what it was done to: an examination, a person, an account; empty for none. */
    about: text('about').notNull(),
    /** Address it came from. */
    address: text('address').notNull(),
    /** Further words, without names of people. */
    more: text('more').notNull(),
  },
  (t) => [index('trail_about').on(t.about)],
)

/** Examinations that came in as a file: by whom, when, and what the file said of itself. */
export const imports = sqliteTable('imports', {
  exam: text('exam')
    .primaryKey()
    .references(() => exams.id),
  by: text('by').notNull(),
  at: integer('at').notNull(),
  /** SHA-256 of the file as it was read. */
  file: text('file').notNull(),
  /** Authors the file names, as JSON: claims and not ours. */
  authors: text('authors').notNull(),
  /** Entries that came with the file; what follows them was recorded here. */
  entries: integer('entries').notNull(),
})
