import type { Problem } from '../../core/vocabulary/problem'
import { db } from '../../db'
import { type Account, accountById, accountByLogin, addAccount, changeAccount, otherLeads, type Role } from '../../db/queries/accounts'
import { type Asking, type AtDoor, noteOnTrail } from './asking'
import { idFor, nameIssue } from './names'
import { digest, newCode } from './secrets'
import { endEverywhere } from './sign-in'

/** An invitation is good for three days. */
const GOOD_FOR_MS = 3 * 86_400_000

/** A code to hand over, shown once. */
export interface Invitation {
  readonly code: string
  /** Milliseconds since 1970. */
  readonly until: number
}

const KEPT = 'Nothing was changed; what you typed is still here.'

function refused(what: string, todo = 'Correct it and try again.'): { came: Problem } {
  return { came: { what, kept: KEPT, do: todo } }
}

function newInvitation(now: number): Invitation {
  return { code: newCode(4), until: now + GOOD_FOR_MS }
}

/**
 * Add somebody who may sign in. They choose their password by the code, which the lead hands over.
 *
 * Asked again with the same words, after a lost answer, it makes a new code for the same account.
 */
export function addSomebody(asking: Asking, name: string, login: string, role: Role): AtDoor<Problem | Invitation> {
  const there = accountByLogin(db(), login)
  if (there?.name === name.trim() && there.role === role && there.password === null && there.open) return inviteAgain(asking, there.id)
  const issue = nameIssue(db(), name, login, null)
  if (issue) return refused(issue)
  const invitation = newInvitation(asking.now)
  const id = db().transaction((tx) => {
    const made = idFor(tx, name)
    const { code, until } = invitation
    addAccount(tx, { id: made, name: name.trim(), login, role, invitation: digest(code), invitedUntil: until }, asking.now)
    return made
  })
  noteOnTrail(asking, 'account-added', id, role)
  return { came: invitation }
}

/** A new code for somebody who lost the old one, or their password. What they are signed in by ends once it is used. */
export function inviteAgain(asking: Asking, id: string): AtDoor<Problem | Invitation> {
  const account = accountById(db(), id)
  if (!account?.open) return refused('Nobody signs in by this account.', 'Reload the page.')
  const invitation = newInvitation(asking.now)
  changeAccount(db(), id, { invitation: digest(invitation.code), invitedUntil: invitation.until })
  noteOnTrail(asking, 'invited', id)
  return { came: invitation }
}

/** Change what somebody may do, or whether they may sign in. There is always a lead who can. */
export function changeSomebody(asking: Asking, id: string, change: { readonly role: Role; readonly open: boolean }): AtDoor<Problem | null> {
  const account = accountById(db(), id)
  if (!account) return refused('There is no such account.', 'Reload the page.')
  if (loses(account, change) && otherLeads(db(), id) === 0) {
    return refused('The clinic would have nobody who leads it.', 'Make somebody else a lead first.')
  }
  changeAccount(db(), id, change)
  if (!change.open || change.role !== account.role) endEverywhere(id)
  noteOnTrail(asking, 'account-changed', id, `${change.role}, ${change.open ? 'may sign in' : 'may not sign in'}`)
  return { came: null }
}

function loses(account: Account, change: { readonly role: Role; readonly open: boolean }): boolean {
  return account.role === 'lead' && account.open && (change.role !== 'lead' || !change.open)
}

/** Somebody lost their authenticator: from now on the password alone, until they add one again. Every session of theirs ends. */
export function resetFactor(asking: Asking, id: string): AtDoor<Problem | null> {
  if (!accountById(db(), id)) return refused('There is no such account.', 'Reload the page.')
  changeAccount(db(), id, { totp: null, totpUsed: 0, recovery: '[]' })
  endEverywhere(id)
  noteOnTrail(asking, 'factor-removed', id)
  return { came: null }
}

/** End whatever somebody is signed in by. */
export function endSessions(asking: Asking, id: string): AtDoor<Problem | null> {
  endEverywhere(id)
  noteOnTrail(asking, 'signed-out-everywhere', id)
  return { came: null }
}
