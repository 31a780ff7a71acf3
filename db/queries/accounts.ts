import { and, asc, count, eq, gt, isNotNull } from 'drizzle-orm'
import type { Db, Reads, Writes } from '../open'
import { preparedOnce } from '../prepared'
import { accounts, practitioners, sessions } from '../schema'
import { sql } from 'drizzle-orm'

/** What somebody who signs in may do: a lead looks after the clinic, a student practises and works on what is entrusted to them. */
export const ROLES = ['practitioner', 'lead', 'student'] as const
export type Role = (typeof ROLES)[number]

/** Somebody who may sign in, as stored. */
export type Account = typeof accounts.$inferSelect & { readonly name: string }

const COLUMNS = { account: accounts, name: practitioners.name }

function flat(row: { account: typeof accounts.$inferSelect; name: string } | undefined): Account | undefined {
  return row && { ...row.account, name: row.name }
}

function rows(db: Reads) {
  return db.select(COLUMNS).from(accounts).innerJoin(practitioners, eq(practitioners.id, accounts.id))
}

/** Everybody who may or might sign in, by name. */
export function allAccounts(db: Reads): readonly Account[] {
  return rows(db)
    .orderBy(asc(practitioners.name), asc(accounts.id))
    .all()
    .flatMap((row) => flat(row) ?? [])
}

/** @returns undefined when nobody signs in by this id */
export function accountById(db: Reads, id: string): Account | undefined {
  return flat(rows(db).where(eq(accounts.id, id)).get())
}

/** @param login - as it was typed */
export function accountByLogin(db: Reads, login: string): Account | undefined {
  return flat(
    rows(db)
      .where(eq(accounts.login, loginOf(login)))
      .get(),
  )
}

/** Somebody who was invited by this code and has not chosen a password by it yet. */
export function accountInvited(db: Reads, codeHash: string, now: number): Account | undefined {
  return flat(
    rows(db)
      .where(and(eq(accounts.invitation, codeHash), gt(accounts.invitedUntil, now)))
      .get(),
  )
}

/** A name that is typed to sign in: letters of any size are the same. */
export function loginOf(typed: string): string {
  return typed.normalize('NFKC').trim().toLowerCase()
}

/** Is there a lead who can sign in? Without one the clinic waits for its first. */
export function hasLead(db: Reads): boolean {
  const row = db
    .select({ n: count() })
    .from(accounts)
    .where(and(eq(accounts.role, 'lead'), eq(accounts.open, true), isNotNull(accounts.password)))
    .get()
  return (row?.n ?? 0) > 0
}

/** Leads who can sign in, beside this one. */
export function otherLeads(db: Reads, id: string): number {
  return allAccounts(db).filter((account) => account.role === 'lead' && account.open && account.password !== null && account.id !== id).length
}

/** What a new account begins with. */
export interface NewAccount {
  readonly id: string
  readonly name: string
  readonly login: string
  readonly role: Role
  readonly invitation: string | null
  readonly invitedUntil: number | null
  readonly password?: string
}

/** Add somebody who may sign in, with the practitioner they are in records. */
export function addAccount(db: Reads & Writes, made: NewAccount, now: number): void {
  db.insert(practitioners).values({ id: made.id, name: made.name }).onConflictDoNothing().run()
  const { id, role, invitation, invitedUntil, password = null } = made
  db.insert(accounts)
    .values({ id, login: loginOf(made.login), role, password, invitation, invitedUntil, madeAt: now })
    .run()
}

/** Change what is stored of an account. */
export function changeAccount(db: Writes, id: string, change: Partial<typeof accounts.$inferInsert>): void {
  db.update(accounts).set(change).where(eq(accounts.id, id)).run()
}

/** A session with whose it is. */
export type SessionRow = typeof sessions.$inferSelect

/** A session of an account that may sign in, with what a request needs to know. */
export interface HeldSession extends SessionRow {
  readonly name: string
  readonly role: Role
  readonly pin: boolean
}

const held = preparedOnce((db) =>
  db
    .select({ session: sessions, name: practitioners.name, role: accounts.role, pin: accounts.pin })
    .from(sessions)
    .innerJoin(accounts, eq(accounts.id, sessions.account))
    .innerJoin(practitioners, eq(practitioners.id, accounts.id))
    .where(and(eq(sessions.id, sql.placeholder('id')), eq(accounts.open, true)))
    .prepare(),
)

/** @returns undefined when nobody is signed in by it any more */
export function sessionById(db: Db, id: string): HeldSession | undefined {
  const row = held(db).get({ id })
  return row && { ...row.session, name: row.name, role: row.role, pin: row.pin !== null }
}

/** Sessions of one account, the newest first. */
export function sessionsOf(db: Reads, account: string): readonly SessionRow[] {
  return db
    .select()
    .from(sessions)
    .where(eq(sessions.account, account))
    .all()
    .toSorted((a, b) => b.seenAt - a.seenAt)
}

export function addSession(db: Writes, session: typeof sessions.$inferInsert): void {
  db.insert(sessions).values(session).run()
}

export function changeSession(db: Writes, id: string, change: Partial<typeof sessions.$inferInsert>): void {
  db.update(sessions).set(change).where(eq(sessions.id, id)).run()
}

export function endSession(db: Writes, id: string): void {
  db.delete(sessions).where(eq(sessions.id, id)).run()
}

/** End every session of an account. */
export function endSessionsOf(db: Writes, account: string): void {
  db.delete(sessions).where(eq(sessions.account, account)).run()
}

/** Forget sessions that nobody can use any more. */
export function forgetSessions(db: Writes, madeBefore: number): void {
  db.delete(sessions).where(sql`${sessions.madeAt} < ${madeBefore}`).run()
}
