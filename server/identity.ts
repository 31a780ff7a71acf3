import { db } from '../db'
import { type HeldSession, sessionById, type SessionRow, sessionsOf } from '../db/queries/accounts'
import { isEntrusted } from '../db/queries/entrusted'
import { digest } from './doors/secrets'
import { type Door, doorOf, type Found, passes } from './doors/table'
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

/** The token of a cookie header, whichever way it was set. */
export function tokenOf(cookies: string | null | undefined): string | null {
  const found = /(?:^|;\s*)(?:__Host-lantern|lantern)=([A-Za-z0-9_-]{20,100})(?:;|$)/.exec(cookies ?? '')
  return found?.[1] ?? null
}

/**
 * Who sent this? The one place where that is decided.
 *
 * @param cookies - the cookie header
 * @param now - milliseconds since 1970
 */
export function visitorOf(cookies: string | null | undefined, now: number): Visitor {
  const token = tokenOf(cookies)
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
  return passes('exam', role, () => isEntrusted(db(), examId, id))
}

/** Why somebody is not let in. */
export type Refusal = 'sign-in' | 'second-factor' | 'unlock' | 'not-yours'

/** What becomes of a request at its door. */
export type Admission =
  | { readonly ok: true; readonly visitor: Visitor; readonly found: Found }
  | { readonly ok: false; readonly why: Refusal; readonly found: Found; readonly visitor: Visitor }

/** May whoever sent this go through the door of this address? */
export function admitAt(pathname: string, cookies: string | null | undefined, now: number): Admission {
  const found = doorOf(pathname)
  const visitor = visitorOf(cookies, now)
  const why = refusalAt(found.door, visitor, found.params.examId)
  return why === null ? { ok: true, visitor, found } : { ok: false, why, found, visitor }
}

function refusalAt(door: Door, visitor: Visitor, examId: string | undefined): Refusal | null {
  if (door === 'anyone') return null
  if (visitor.kind === 'stranger') return 'sign-in'
  if (visitor.kind === 'half') return door === 'half' ? null : 'second-factor'
  if (door === 'half') return 'not-yours'
  if (visitor.kind === 'locked' && door !== 'held') return 'unlock'
  const { who } = visitor
  return passes(door, who.role, () => examId !== undefined && mayOpen(who, examId)) ? null : 'not-yours'
}

/** In words, for what is no page: status, what, and what to do. */
export const REFUSALS: Readonly<Record<Refusal, { readonly status: 401 | 403 | 423; readonly what: string; readonly do: string }>> = {
  'sign-in': { status: 401, what: 'Nobody is signed in at this window.', do: 'Sign in; what waits on this device is sent by itself then.' },
  'second-factor': { status: 401, what: 'The code of the second factor is still owed.', do: 'Finish signing in.' },
  unlock: { status: 423, what: 'This window is locked.', do: 'Unlock it with your password or PIN.' },
  'not-yours': { status: 403, what: 'This is not open to you.', do: 'Ask a practitioner, or whoever leads the clinic.' },
}
