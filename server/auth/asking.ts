import { db } from '../../db'
import { type TrailWhat, writeTrail } from '../../db/queries/trail'
import { cookieOf, type Credentials, type Visitor } from '../identity'
import { deviceCookieName } from './known-device'

/** Who is at a door, and from where. */
export interface Asking {
  readonly visitor: Visitor
  /** Address of the other end, as the start program saw it. */
  readonly address: string
  /** The browser as it names itself. */
  readonly device: string
  /** It came over TLS. */
  readonly secure: boolean
  readonly now: number
  /** The token by which this browser is known again; absent where it has none. */
  readonly known?: string | null
}

/** What a door answers, and the cookie it sets: a token, none any more, or as it was. */
export interface AtDoor<T> {
  readonly came: T
  readonly cookie?: { readonly token: string | null /** By which this browser is known again. */; readonly device?: string }
}

/** Headers that the start program sets, and that it removes from what came in. */
export const ADDRESS_HEADER = 'x-lantern-address'
export const SECURE_HEADER = 'x-lantern-secure'

/** What identifies a request that passed the gate. */
export function credentialsOf({ headers }: Request): Credentials {
  return { cookies: headers.get('cookie'), secure: headers.get(SECURE_HEADER) === 'yes' }
}

/** Who asks, read from a request that passed the gate. */
export function askingOf(request: Request, visitor: Visitor, now: number): Asking {
  const { headers } = request
  return {
    visitor,
    address: headers.get(ADDRESS_HEADER) ?? 'not known',
    device: (headers.get('user-agent') ?? 'not named').slice(0, 200),
    secure: headers.get(SECURE_HEADER) === 'yes',
    now,
    known: cookieOf(headers.get('cookie'), deviceCookieName(headers.get(SECURE_HEADER) === 'yes')),
  }
}

/** Id of whoever asks; empty for a stranger. */
export function idOf(visitor: Visitor): string {
  if (visitor.kind === 'open' || visitor.kind === 'locked') return visitor.who.id
  return visitor.kind === 'half' ? visitor.account : ''
}

/** Write a line of the trail. */
export function noteOnTrail({ visitor, address, now }: Pick<Asking, 'visitor' | 'address' | 'now'>, what: TrailWhat, about = '', more = ''): void {
  writeTrail(db(), { at: now, who: idOf(visitor), what, about, address, more })
}
