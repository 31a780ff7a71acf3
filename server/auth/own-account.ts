import type { Problem } from '../../core/vocabulary/problem'
import { db } from '../../db'
import { type Account, accountById, allAccounts, changeAccount, endSession, sessionsOf } from '../../db/queries/accounts'
import { endStreamsOf } from '../live'
import { type Asking, type AtDoor, noteOnTrail } from './asking'
import { passwordIssue, pinIssue } from './password-rules'
import { isSealed, sealSecret } from './clinic-key'
import { noteFresh } from './fresh'
import { patiently } from './patience'
import { factorStretch, factorUrl, newFactor } from './second-factor'
import { codeOf, digest, hashSecret, isSecret, newCode } from './secrets'

const KEPT = 'Nothing was changed.'

function refused(what: string, todo = 'Correct it and try again.'): { came: Problem } {
  return { came: { what, kept: KEPT, do: todo } }
}

/** The account of whoever asks; the demo practitioner has none. */
function ownAccount({ visitor }: Asking): Account | undefined {
  return visitor.kind === 'open' ? accountById(db(), visitor.who.id) : undefined
}

const NO_ACCOUNT = 'The demo practitioner has no account of their own.'

/** Runs something that only the password allows. */
async function withPassword(asking: Asking, password: string, work: (account: Account) => Promise<AtDoor<Problem | null>> | AtDoor<Problem | null>) {
  const account = ownAccount(asking)
  if (!account) return refused(NO_ACCOUNT, 'Start without the demo to try it.')
  const tried = await patiently(asking, { name: `own ${account.id}`, exists: true }, async () => {
    const right = await isSecret(account.password, password)
    return { right, came: right }
  })
  if (!tried.looked) return refused(tried.what, tried.do)
  if (!tried.came) {
    noteOnTrail(asking, 'unlock-refused', account.id, 'own account')
    return refused('The password does not fit.')
  }
  if (asking.visitor.kind === 'open') noteFresh(asking.visitor.session, asking.now)
  return work(account)
}

/** Show the password again, before something is done to others. */
export function confirmPassword(asking: Asking, password: string): Promise<AtDoor<Problem | null>> {
  return withPassword(asking, password, () => ({ came: null }))
}

/** Choose another password. Every other session ends. */
export function choosePassword(asking: Asking, now: string, next: string): Promise<AtDoor<Problem | null>> {
  return withPassword(asking, now, async (account) => {
    const issue = passwordIssue(next, [account.name, account.login])
    if (issue) return refused(issue)
    changeAccount(db(), account.id, { password: await hashSecret(next) })
    const { visitor } = asking
    for (const session of sessionsOf(db(), account.id)) {
      if (visitor.kind === 'open' && session.id === visitor.session) continue
      endSession(db(), session.id)
      endStreamsOf(session.id)
    }
    noteOnTrail(asking, 'password-chosen', account.id)
    return { came: null }
  })
}

/** Choose a PIN that opens a locked screen; an empty one is none. */
export function choosePin(asking: Asking, password: string, pin: string): Promise<AtDoor<Problem | null>> {
  return withPassword(asking, password, async (account) => {
    const issue = pin === '' ? null : pinIssue(pin)
    if (issue) return refused(issue)
    changeAccount(db(), account.id, { pin: pin === '' ? null : await hashSecret(pin) })
    noteOnTrail(asking, 'pin-chosen', account.id)
    return { came: null }
  })
}

/** A secret for an authenticator. Nothing is stored before a code of it was given. */
export function beginFactor(asking: Asking): AtDoor<Problem | { readonly secret: string; readonly url: string }> {
  const account = ownAccount(asking)
  if (!account) return refused(NO_ACCOUNT, 'Start without the demo to try it.')
  const secret = newFactor()
  return { came: { secret, url: factorUrl(secret, account.login) } }
}

/** Recovery codes that are made with a second factor. */
const CODES = 8

/** Keep a second factor once a code of it was given. @returns recovery codes, shown once */
export async function confirmFactor(
  asking: Asking,
  password: string,
  secret: string,
  code: string,
): Promise<AtDoor<Problem | { readonly codes: readonly string[] }>> {
  const codes = Array.from({ length: CODES }, () => newCode(3))
  const came = await withPassword(asking, password, (account) => {
    if (!/^[A-Z2-7]{32}$/.test(secret)) return refused('This secret cannot be read.', 'Begin again.')
    const stretch = factorStretch(secret, code, asking.now, 0)
    if (stretch === null) return refused('This code does not fit.', 'Type the code the authenticator shows now; its clock has to be right.')
    const recovery = JSON.stringify(codes.map((one) => digest(codeOf(one))))
    changeAccount(db(), account.id, { totp: sealSecret(secret, account.id), totpUsed: stretch, recovery })
    noteOnTrail(asking, 'factor-added', account.id)
    return { came: null }
  })
  return came.came === null ? { came: { codes } } : { came: came.came }
}

/** Sign in by password alone from now on. */
export function removeFactor(asking: Asking, password: string): Promise<AtDoor<Problem | null>> {
  return withPassword(asking, password, (account) => {
    changeAccount(db(), account.id, { totp: null, totpUsed: 0, recovery: '[]' })
    noteOnTrail(asking, 'factor-removed', account.id)
    return { came: null }
  })
}

/** Second factors that a program before this one stored in clear are sealed. Done at every start; there is nothing to do but the first time. */
export function sealFactors(): void {
  for (const account of allAccounts(db())) {
    if (account.totp !== null && !isSealed(account.totp)) changeAccount(db(), account.id, { totp: sealSecret(account.totp, account.id) })
  }
}
