import { db } from '../db'
import { type HeldSession, sessionById, type SessionRow, sessionsOf } from '../db/queries/accounts'
import { isEntrusted } from '../db/queries/entrusted'
import { digest } from './auth/secrets'
import { type AccessLevel, accessOf, permits, type RouteName } from './auth/routes'
import { environment } from './environment'
import { DEMO_WHO, type Who } from './who'

/** Without a hand seen for so long a screen locks; a session ends after so long whatever happens. OWASP ASVS 4, 3.3.2. */
export const IDLE_MS = 15 * 60_000
export const ABSOLUTE_MS = 12 * 3_600_000

/** Whoever has given a password owes the second factor for so long, and begins anew afterwards. */
export const HALF_MS = 10 * 60_000

/** What is known of whoever sent a request. */
export type Visitor =
  | { readonly kind: 'stranger' }
  /** Has given a password and owes the second factor. */
  | { readonly kind: 'half'; readonly session: string; readonly account: string }
  | { readonly kind: 'locked'; readonly session: string; readonly who: Who; readonly pin: boolean }
  | { readonly kind: 'open'; readonly session: string; readonly who: Who; readonly pin: boolean }

const STRANGER: Visitor = { kind: 'stranger' }

/** Name of the cookie: behind TLS one that no other name and no other path can set. */
export function cookieName(secure: boolean): string {
  return secure ? '__Host-lantern' : 'lantern'
}

/** What identifies a request: its cookie header, and whether it came over TLS. */
export interface Credentials {
  readonly cookies: string | null | undefined
  readonly secure: boolean
}

/**
 * The session token of a request. Over TLS only the `__Host-` cookie counts: a plain one can be set by any other service of the same
 * host, or by somebody on the way before TLS began.
 */
export function tokenOf({ cookies, secure }: Credentials): string | null {
  return cookieOf(cookies, cookieName(secure))
}

/** The value of a cookie of ours: a random token in base64url. */
export function cookieOf(cookies: string | null | undefined, name: string): string | null {
  for (const part of (cookies ?? '').split(';')) {
    const at = part.indexOf('=')
    if (at > 0 && part.slice(0, at).trim() === name) {
      const value = part.slice(at + 1).trim()
      return /^[A-Za-z0-9_.-]{20,300}$/.test(value) ? value : null
    }
  }
  return null
}

/**
 * Who sent this? The one place where that is decided.
 *
 * @param now - milliseconds since 1970
 */
export function visitorOf(credentials: Credentials, now: number): Visitor {
  const token = tokenOf(credentials)
  const held = token === null ? undefined : sessionById(db(), digest(token))
  if (held) return visitorIn(held, now)
  return environment().demo ? { kind: 'open', session: '', who: DEMO_WHO, pin: false } : STRANGER
}

function visitorIn(held: HeldSession, now: number): Visitor {
  const { id: session, account, name, role, pin } = held
  if (now - held.madeAt >= ABSOLUTE_MS || held.madeAt > now + ABSOLUTE_MS) return STRANGER
  if (held.half) return now - held.madeAt < HALF_MS ? { kind: 'half', session, account } : STRANGER
  const who: Who = { id: account, name, role, demo: false }
  const idle = held.locked || now - held.seenAt >= IDLE_MS
  return { kind: idle ? 'locked' : 'open', session, who, pin }
}

/** Everything somebody is signed in by at this moment, the latest hand first; open or locked, not owing a second factor and not over. */
export function signedInBy(account: string, now: number): readonly SessionRow[] {
  return sessionsOf(db(), account).filter(({ half, madeAt }) => !half && now - madeAt < ABSOLUTE_MS)
}

/** May this person work on this examination? A student may on what is entrusted to them. */
export function mayOpen({ id, role }: Who, examId: string): boolean {
  return permits('exam', role, () => isEntrusted(db(), examId, id))
}

/** Why somebody is not let in. */
export type Refusal = 'sign-in' | 'second-factor' | 'unlock' | 'not-yours'

/** Whether a request is let in to a route, and who sent it. */
export type Admission = { readonly ok: true; readonly visitor: Visitor } | { readonly ok: false; readonly why: Refusal; readonly visitor: Visitor }

/**
 * Is this route, with these parameters, open to whoever sent the request? Asked by the gate for the path, and again by the page, its
 * metadata and its handler for the parameters that the framework gave them.
 */
export function admit(name: RouteName, params: Readonly<Record<string, string | undefined>>, credentials: Credentials, now: number): Admission {
  const visitor = visitorOf(credentials, now)
  const why = refusalFor(accessOf(name, params), visitor, params.examId)
  return why === null ? { ok: true, visitor } : { ok: false, why, visitor }
}

/** Why a visitor may not use an access level; null when they may. */
export function refusalFor(access: AccessLevel, visitor: Visitor, examId: string | undefined): Refusal | null {
  if (access === 'anyone') return null
  if (visitor.kind === 'stranger') return 'sign-in'
  if (visitor.kind === 'half') return access === 'half' ? null : 'second-factor'
  if (access === 'half') return 'not-yours'
  if (visitor.kind === 'locked' && access !== 'held') return 'unlock'
  const { who } = visitor
  return permits(access, who.role, () => examId !== undefined && mayOpen(who, examId)) ? null : 'not-yours'
}

/** In words, for what is no page: status, what, and what to do. */
export const REFUSALS: Readonly<Record<Refusal, { readonly status: 401 | 403 | 423; readonly what: string; readonly do: string }>> = {
  'sign-in': { status: 401, what: 'Nobody is signed in at this window.', do: 'Sign in; what waits on this device is sent by itself then.' },
  'second-factor': { status: 401, what: 'The code of the second factor is still owed.', do: 'Finish signing in.' },
  unlock: { status: 423, what: 'This window is locked.', do: 'Unlock it with your password or PIN.' },
  'not-yours': { status: 403, what: 'This is not open to you.', do: 'Ask a practitioner, or whoever leads the clinic.' },
}
