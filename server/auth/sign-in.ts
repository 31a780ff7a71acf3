import type { Problem } from '../../core/vocabulary/problem'
import { db } from '../../db'
import {
  type Account,
  accountById,
  accountByLogin,
  accountInvited,
  addAccount,
  addSession,
  changeAccount,
  changeSession,
  endSession,
  endSessionsOf,
  hasLead,
  loginOf,
  sessionById,
  sessionsOf,
} from '../../db/queries/accounts'
import { endStreamsOf } from '../live'
import { type Asking, type AtDoor, noteOnTrail } from './asking'
import { noteFresh } from './fresh'
import { idFor, nameIssue } from './names'
import { passwordIssue } from './password-rules'
import { knownDevice, newDeviceToken } from './known-device'
import { type Guessed, patiently as tryOnce } from './patience'
import { factorStretch } from './second-factor'
import { openSecret } from './clinic-key'
import { codeOf, digest, hashSecret, isSecret, newToken, sameText } from './secrets'

const held = globalThis as typeof globalThis & { dustLanternFirstCode?: string }

/** The code that whoever started the program reads in its window: without it nobody on the network becomes the first lead. */
export function setFirstCode(code: string): void {
  held.dustLanternFirstCode = code
}

/** Is there anybody who leads this clinic yet? Told to strangers too: it names nobody. */
export function clinicHasLead(): boolean {
  return hasLead(db())
}

const KEPT = 'Nothing was changed; what waits on this device stays there.'

/** Where somebody stands after a door: through it, or at the next one. */
export type Through = { readonly ok: true; readonly next: 'in' | 'second-factor' } | { readonly ok: false; readonly problem: Problem }

function refused(what: string, todo: string): { came: Through } {
  return { came: { ok: false, problem: { what, kept: KEPT, do: todo } } }
}

/** One look at a secret at a door, or why it has to wait. */
async function patiently(asking: Asking, name: string | Guessed, look: () => Promise<AtDoor<Through>>): Promise<AtDoor<Through>> {
  const tried = await tryOnce(asking, name, async () => {
    const came = await look()
    return { right: came.came.ok, came }
  })
  return tried.looked ? tried.came : refused(tried.what, tried.do)
}

/** Sign in by name and password. */
export async function signIn(asking: Asking, login: string, password: string): Promise<AtDoor<Through>> {
  const account = accountByLogin(db(), login)
  const device = account ? knownDevice(asking.known, account.id) : null
  return patiently(asking, { name: `login ${loginOf(login).slice(0, 100)}`, device, exists: account !== undefined }, async () => {
    const right = await isSecret(account?.open ? account.password : null, password)
    if (!account || !right) {
      noteOnTrail(asking, 'sign-in-refused', account?.id ?? '')
      return refused('Name and password do not fit.', 'Type both again. Whoever leads the clinic can make a new invitation.')
    }
    return letIn(asking, account, account.totp !== null)
  })
}

/** A session of its own for this browser: whatever it was signed in by before ends. */
function letIn(asking: Asking, account: Account, half: boolean): AtDoor<Through> {
  const token = newToken()
  const { now, address, device } = asking
  db().transaction((tx) => {
    if (asking.visitor.kind !== 'stranger' && asking.visitor.session !== '') endSession(tx, asking.visitor.session)
    addSession(tx, { id: digest(token), account: account.id, madeAt: now, seenAt: now, half, address, device })
  })
  if (!half) noteOnTrail({ ...asking, visitor: { kind: 'half', session: '', account: account.id } }, 'signed-in')
  return { came: { ok: true, next: half ? 'second-factor' : 'in' }, cookie: { token, ...(!half && { device: newDeviceToken(account.id) }) } }
}

/** Give the code of an authenticator, or one of the recovery codes, each good once. */
export async function secondFactor(asking: Asking, code: string): Promise<AtDoor<Through>> {
  const { visitor, now } = asking
  if (visitor.kind !== 'half') return refused('No second factor is owed here.', 'Sign in first.')
  return patiently(asking, { name: `factor ${visitor.account}`, exists: true }, () => {
    const account = accountById(db(), visitor.account)
    const secret = account?.totp ? openSecret(account.totp, account.id) : null
    const stretch = account && secret !== null ? factorStretch(secret, code, now, account.totpUsed) : null
    if (account && stretch !== null) {
      changeAccount(db(), account.id, { totpUsed: stretch })
      return Promise.resolve(letIn(asking, account, false))
    }
    const codes = account ? (JSON.parse(account.recovery) as readonly string[]) : []
    const used = digest(codeOf(code))
    if (account && codes.includes(used)) {
      changeAccount(db(), account.id, { recovery: JSON.stringify(codes.filter((one) => one !== used)) })
      return Promise.resolve(letIn(asking, account, false))
    }
    noteOnTrail(asking, 'sign-in-refused', visitor.account, 'second factor')
    return Promise.resolve(refused('This code does not fit, or was used.', 'Wait for the next code of your authenticator, or use a recovery code.'))
  })
}

/** Password, name and sign-in name of whoever leads this clinic first. */
export interface FirstLead {
  readonly code: string
  readonly name: string
  readonly login: string
  readonly password: string
}

/** Set up the first lead of a clinic that has none. */
export async function firstLead(asking: Asking, { code, name, login, password }: FirstLead): Promise<AtDoor<Through>> {
  if (hasLead(db())) return refused('This clinic has a lead.', 'Sign in, or ask for an invitation.')
  const issue = nameIssue(db(), name, login, null) ?? passwordIssue(password, [name, login])
  return patiently(asking, `first lead ${asking.address}`, async () => {
    if (held.dustLanternFirstCode === undefined || !sameText(codeOf(code), held.dustLanternFirstCode)) {
      return refused('This is not the code of this start.', 'Read it in the window where the program was started; it changes with every start.')
    }
    if (issue) return refused(issue, 'Correct it and try again.')
    const stored = await hashSecret(password)
    const account = db().transaction((tx) => {
      if (hasLead(tx)) return undefined
      const id = idFor(tx, name)
      addAccount(tx, { id, name: name.trim(), login, role: 'lead', invitation: null, invitedUntil: null, password: stored }, asking.now)
      return accountById(tx, id)
    })
    if (!account) return refused('This clinic has a lead.', 'Sign in, or ask for an invitation.')
    noteOnTrail(asking, 'account-added', account.id, 'lead')
    return letIn(asking, account, false)
  })
}

/** Choose a password by an invitation, and come in. */
export async function acceptInvitation(asking: Asking, code: string, password: string): Promise<AtDoor<Through>> {
  return patiently(asking, `invitation ${asking.address}`, async () => {
    const account = accountInvited(db(), digest(codeOf(code)), asking.now)
    if (!account?.open) return refused('This invitation is not known, was used, or is over.', 'Ask whoever leads the clinic for a new one.')
    const issue = passwordIssue(password, [account.name, account.login])
    if (issue) return refused(issue, 'Choose another password; the invitation is still good.')
    const stored = await hashSecret(password)
    endEverywhere(account.id)
    changeAccount(db(), account.id, { password: stored, invitation: null, invitedUntil: null })
    noteOnTrail({ ...asking, visitor: { kind: 'half', session: '', account: account.id } }, 'password-chosen')
    return letIn(asking, account, account.totp !== null)
  })
}

/** Wrong tries at a locked screen after which the password is asked for, and after which the session is over. */
const MOST_PINS = 5
const MOST_TRIES = 10

/** Open a locked screen by password or PIN. */
export async function unlock(asking: Asking, secret: string): Promise<AtDoor<Through>> {
  const { visitor, now } = asking
  if (visitor.kind === 'open') return { came: { ok: true, next: 'in' } }
  if (visitor.kind !== 'locked') return refused('Nobody is signed in at this window.', 'Sign in.')
  return patiently(asking, { name: `unlock ${visitor.session}`, exists: true }, async () => {
    const account = accountById(db(), visitor.who.id)
    const session = sessionById(db(), visitor.session)
    if (!account || !session) return refused('Nobody is signed in at this window.', 'Sign in.')
    const byPin = /^\d{4,8}$/.test(secret) && session.tries < MOST_PINS
    const right = byPin ? await isSecret(account.pin, secret) : await isSecret(account.password, secret)
    if (right) {
      changeSession(db(), session.id, { locked: false, seenAt: now, tries: 0 })
      if (!byPin) noteFresh(session.id, now)
      noteOnTrail(asking, 'unlocked')
      return { came: { ok: true, next: 'in' } }
    }
    noteOnTrail(asking, 'unlock-refused')
    if (session.tries + 1 >= MOST_TRIES) {
      endSession(db(), session.id)
      endStreamsOf(session.id)
      return refused('Too many wrong tries: this session is over.', 'Sign in again; what waits on this device stays there.')
    }
    changeSession(db(), session.id, { tries: session.tries + 1, locked: true })
    const left = byPin && session.tries + 1 >= MOST_PINS ? 'From now on only the password opens it.' : 'Try again, or use your password.'
    return refused('This does not fit.', left)
  })
}

/** Lock the screen of this session. */
export function lock(asking: Asking): AtDoor<null> {
  const { visitor } = asking
  if (visitor.kind === 'open' && visitor.session !== '') {
    changeSession(db(), visitor.session, { locked: true })
    noteOnTrail(asking, 'locked')
  }
  return { came: null }
}

/** End this session, or all of this person's. */
export function signOut(asking: Asking, everywhere: boolean): AtDoor<null> {
  const { visitor } = asking
  if (visitor.kind === 'open' || visitor.kind === 'locked') {
    noteOnTrail(asking, everywhere ? 'signed-out-everywhere' : 'signed-out')
    if (everywhere) endEverywhere(visitor.who.id)
    endSession(db(), visitor.session)
    endStreamsOf(visitor.session)
  }
  return { came: null, cookie: { token: null } }
}

/** End every session of an account, and what each of them follows. */
export function endEverywhere(account: string): void {
  const sessions = sessionsOf(db(), account)
  endSessionsOf(db(), account)
  for (const session of sessions) endStreamsOf(session.id)
}
