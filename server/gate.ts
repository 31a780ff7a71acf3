import { randomBytes } from 'node:crypto'
import type { IncomingMessage } from 'node:http'
import { db } from '../db'
import { changeSession } from '../db/queries/accounts'
import { ADDRESS_HEADER, SECURE_HEADER } from './auth/asking'
import { readRequestPath } from './auth/request-path'
import { matchRoute } from './auth/routes'
import { environment, isOwnHost } from './environment'
import { type Admission, admit, type Credentials, type Refusal, refusalFor, REFUSALS, type Visitor, visitorOf } from './identity'

/** On every answer, whoever gives it. */
const ALWAYS: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'permissions-policy': 'camera=(self), geolocation=(), microphone=(), payment=(), usb=(), gyroscope=(self), accelerometer=(self)',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
}

/** Nothing keeps a page; and it goes as it is: pressing it together costs this server more than it saves a clinic's own network. A proxy in front may. */
const PAGE_CACHE = 'no-store, no-transform'

/** Half a year of https only, once it was https. */
const TLS_ONLY = 'max-age=15552000'

/** What a page may be asked with; everything that changes something goes to a route. */
const FOR_PAGES: ReadonlySet<string> = new Set(['GET', 'HEAD'])
const FOR_ROUTES: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'OPTIONS'])

/** The longest address; longer ones are no address of ours. */
const LONGEST_URL = 8000

/** What the gate does with a request: on to the framework with these headers, or answered here. */
export type Gated =
  | {
      readonly pass: true
      /** The one target that is served: the framework is given this and not what was sent. */
      readonly url: string
      readonly request: Readonly<Record<string, string>>
      readonly response: Readonly<Record<string, string>>
    }
  | { readonly pass: false; readonly status: number; readonly headers: Readonly<Record<string, string>>; readonly body: string }

type Request = Pick<IncomingMessage, 'method' | 'url' | 'headers'> & {
  readonly socket: { readonly remoteAddress?: string | undefined; readonly encrypted?: boolean }
}

/**
 * Stands before every page, route, stream and file: host, method, address, and who is let in. Nothing behind it is reached past it.
 *
 * @param now - milliseconds since 1970
 */
export function gate(request: Request, now: number): Gated {
  const { address, secure, host } = otherEnd(request)
  const always = { ...ALWAYS, ...(secure && { 'strict-transport-security': TLS_ONLY }) }
  const url = request.url ?? ''
  const refuse = (status: number, what: string, todo: string) => answer(status, always, { what, kept: KEPT, do: todo })
  if (!isOwnHost(host, environment().hosts)) {
    return refuse(421, 'This server is not known under that name.', 'Open it under its own address, or name the address in ALLOWED_HOSTS.')
  }
  if (url.length > LONGEST_URL) return refuse(414, 'This address is too long.', 'Open it from Today.')
  const target = readRequestPath(url)
  const { method = '' } = request
  const reads = method === 'GET' || method === 'HEAD'
  if (!target.ok) {
    if (target.normal === undefined || !reads) return refuse(400, 'This address cannot be read.', 'Open it from Today.')
    return { pass: false, status: 308, headers: { ...always, location: target.normal, 'cache-control': 'no-store' }, body: '' }
  }
  const { path, query } = target
  const found = matchRoute(path)
  const isProgram = isProgramFile(path)
  const isData = found?.kind === 'data'
  if (!(isData ? FOR_ROUTES : FOR_PAGES).has(method) || 'next-action' in request.headers || 'x-middleware-subrequest' in request.headers) {
    return refuse(405, 'This address is not asked in that way.', 'Open it from Today.')
  }
  // Other files of the framework than its own program, such as its image service and its data of pages, are not offered.
  if (path.startsWith('/_next/') && !isProgram) return refuse(404, 'There is nothing under this address.', 'Open it from Today.')
  const credentials = { cookies: request.headers.cookie, secure }
  if (!isProgram) {
    const admission = found ? admit(found.name, found.params, credentials, now) : admitUnknown(credentials, now)
    if (!admission.ok) {
      return isData || method !== 'GET' ? refusedData(admission.why, always) : refusedPage(admission.why, path + query, always, 'rsc' in request.headers)
    }
    if (found?.access !== 'anyone' && found?.access !== 'held') seen(admission.visitor, now)
  }
  const isStatic = isProgram || found?.kind === 'file'
  const policy = isStatic ? null : pagePolicy()
  return {
    pass: true,
    // What no route serves is drawn as "not found" under one address, whatever the framework would make of the one that was asked.
    url: found || isProgram ? path + query : NOT_FOUND,
    request: {
      [ADDRESS_HEADER]: address,
      [SECURE_HEADER]: secure ? 'yes' : 'no',
      host: host ?? '',
      ...(policy && { 'x-nonce': policy.nonce, 'content-security-policy': policy.text }),
    },
    response: { ...always, ...(policy && { 'content-security-policy': policy.text, 'cache-control': isData ? 'no-store' : PAGE_CACHE }) },
  }
}

/** No route of the program: the framework answers it with its own page for that. */
const NOT_FOUND = '/not-found'

/** Files of the program that the build made; while developing the framework's own helpers too. */
function isProgramFile(path: string): boolean {
  if (process.env.NODE_ENV === 'development' && /^\/(_next|__nextjs)/.test(path)) return true
  return path.startsWith('/_next/static/')
}

/** That there is nothing under an address is told to whoever is signed in alone. */
function admitUnknown(credentials: Credentials, now: number): Admission {
  const visitor = visitorOf(credentials, now)
  const why = refusalFor('own', visitor, undefined)
  return why === null ? { ok: true, visitor } : { ok: false, why, visitor }
}

/** Headers that only the gate may set, and those a proxy sets that nobody vouches for. */
const NOT_FROM_OUTSIDE: readonly string[] = [
  ADDRESS_HEADER,
  SECURE_HEADER,
  'x-nonce',
  'content-security-policy',
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-forwarded-port',
  'forwarded',
  'x-real-ip',
]

/** Headers by which the framework talks to itself; from outside they would name another page, or another way to draw it. */
const INTERNAL = /^(?:x-nextjs|x-middleware|x-invoke|x-matched|x-now|x-vercel|x-next-|x-prerender|x-action|x-rewrite|x-original|next-resume|next-html)/

/** Is this a header that nobody outside may set? */
export function isInternalHeader(name: string): boolean {
  return NOT_FROM_OUTSIDE.includes(name) || INTERNAL.test(name)
}

const KEPT = 'Nothing was changed; everything recorded is kept.'

/** Where it came from, whether over TLS, and under which name: what a proxy says of that counts where the proxy is one of ours. */
function otherEnd({ socket, headers }: Request): { readonly address: string; readonly secure: boolean; readonly host: string | null } {
  const peer = (socket.remoteAddress ?? '').replace(/^::ffff:/, '')
  const first = (value: string | string[] | undefined) => (Array.isArray(value) ? value.join(',') : (value ?? '')).split(',').at(-1)?.trim() ?? ''
  const own = { address: peer, secure: socket.encrypted === true, host: headers.host ?? null }
  if (!environment().proxies.has(peer)) return own
  // The last address of the list is the one our own proxy saw; what stands before it anybody can write.
  return {
    address: first(headers['x-forwarded-for']) || peer,
    secure: first(headers['x-forwarded-proto']) === 'https',
    host: first(headers['x-forwarded-host']) || own.host,
  }
}

/** A hand was here: once a minute is enough to know. */
function seen(visitor: Visitor, now: number): void {
  if (visitor.kind !== 'open' || visitor.session === '') return
  const held = SEEN.get(visitor.session) ?? 0
  if (now - held < 60_000) return
  SEEN.set(visitor.session, now)
  if (SEEN.size > 10_000) SEEN.clear()
  try {
    changeSession(db(), visitor.session, { seenAt: now })
  } catch {
    // A disk that takes nothing: the screen locks sooner, and reading goes on.
  }
}
const SEEN = new Map<string, number>()

function answer(status: number, headers: Readonly<Record<string, string>>, body: object): Gated {
  return { pass: false, status, headers: { ...headers, 'content-type': 'application/json', 'cache-control': 'no-store' }, body: JSON.stringify(body) }
}

function refusedData(why: Refusal, headers: Readonly<Record<string, string>>): Gated {
  const { status, what, do: todo } = REFUSALS[why]
  return answer(status, headers, { what, kept: 'Nothing was written; what this window holds stays in it.', do: todo, why })
}

/** A page leads to where the door opens; what is not theirs says so in place. */
function refusedPage(why: Refusal, url: string, headers: Readonly<Record<string, string>>, part: boolean): Gated {
  if (why === 'not-yours') {
    const { status, what, do: todo } = REFUSALS[why]
    return {
      pass: false,
      status,
      headers: { ...headers, 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store', 'content-security-policy': BARE },
      body: plainPage(what, todo, '/today', 'Today'),
    }
  }
  const to = why === 'unlock' ? '/locked' : '/sign-in'
  const target = url.replace(/([?&])_rsc=[^&]*&?/, '$1').replace(/[?&]$/, '')
  // What a window asks in passing gets no page: it goes there as a whole.
  if (part) return answer(REFUSALS[why].status, headers, { why })
  return { pass: false, status: 303, headers: { ...headers, location: `${to}?to=${encodeURIComponent(target)}`, 'cache-control': 'no-store' }, body: '' }
}

/** A page of words alone needs nothing from anywhere. */
export const BARE = "default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'"

/** A page without the application: for a door that is closed, and for a server that cannot go on. */
export function plainPage(what: string, todo: string, href: string, link: string): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Dust Lantern</title>
<style>:root{color-scheme:light dark}body{font:17px/1.5 system-ui,sans-serif;margin:0;background:light-dark(#f2ede4,#191816);color:light-dark(#23262b,#efe8dc)}main{max-width:38rem;margin:12vh auto;padding:0 1.5rem}h1{font:600 1.9rem/1.2 Georgia,serif}a{color:inherit;display:inline-block;padding:.7rem 0}</style></head>
<body><main><h1>${escaped(what)}</h1><p>${escaped(todo)}</p><p>Everything recorded is kept.</p><p><a href="${escaped(href)}">${escaped(link)}</a></p></main></body></html>`
}

function escaped(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`)
}

/** A nonce of its own for every page, in a policy that lets nothing in from outside. */
function pagePolicy(): { readonly nonce: string; readonly text: string } {
  const nonce = randomBytes(16).toString('base64url')
  const dev = process.env.NODE_ENV === 'development'
  const text = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${dev ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    // Radix places its pieces with style attributes.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
  return { nonce, text }
}
