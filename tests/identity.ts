import { matchRoute } from '../server/auth/routes'
import { admit, type Credentials } from '../server/identity'

/** A request with this cookie header, not over TLS. */
export function plainly(cookies: string | null | undefined): Credentials {
  return { cookies, secure: false }
}

/** Is whoever sent this let in to a path? As the gate asks; a path without a route is open to nobody here. */
export function admittedAt(path: string, cookies: string | null | undefined, now: number) {
  const found = matchRoute(path)
  return found ? admit(found.name, found.params, plainly(cookies), now) : { ok: false as const, why: 'no route' }
}
