import { randomBytes } from 'node:crypto'
import type { IncomingMessage } from 'node:http'
import { db } from '../db'
import { changeSession } from '../db/queries/accounts'
import { noteOpening, PERSON } from './doors/openings'
import { ADDRESS_HEADER, SECURE_HEADER } from './doors/asking'
import { environment, isOwnHost } from './environment'
import { admitAt, type Refusal, REFUSALS, type Visitor } from './identity'

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

/** Addresses that a route answers: it reads bodies and checks what they hold itself. */
const ROUTES =
  /^\/(audit\/(part|file)|do\/[^/]+|devices\/[^/]+|exchange\/(archive|archive\/progress|import|people)|people\/rows|person\/[^/]+\/(archive|export|figures)|practice\/history|practice\/cases\/[^/]+\/file|practice\/run\/[^/]+\/(events|record|steps)|live|health|still-here|device-key|today\/(rows|keep)|settings\/trail\/file|exam\/[^/]+\/(events|file|out\/[^/]+|pair|record|students))$/

/** The longest address; longer ones are no address of ours. */
const LONGEST_URL = 8000

/** What the gate does with a request: on to the framework with these headers, or answered here. */
export type Gated =
  | { readonly pass: true; readonly request: Readonly<Record<string, string>>; readonly response: Readonly<Record<string, string>> }
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
  const [path, query] = split(url)
  if (!path.startsWith('/') || path.includes('//') || !isReadable(path) || !isReadable(query))
    return refuse(400, 'This address cannot be read.', 'Open it from Today.')
  const isRoute = ROUTES.test(path)
  const { method = '' } = request
  if (!(isRoute ? FOR_ROUTES : FOR_PAGES).has(method) || 'next-action' in request.headers || 'x-middleware-subrequest' in request.headers) {
    return refuse(405, 'This address is not asked in that way.', 'Open it from Today.')
  }
  if (path === '/_next/image') return refuse(404, 'There is nothing under this address.', 'Open it from Today.')
  const cookies = request.headers.cookie
  const admission = admitAt(path, cookies, now)
  if (!admission.ok) return isRoute || method !== 'GET' ? told(admission.why, always) : shown(admission.why, url, always, 'rsc' in request.headers)
  const { visitor, found } = admission
  if (found.door !== 'anyone' && found.door !== 'held') seen(visitor, now)
  // A link that is on the screen is fetched ahead: it names the person, as the list does, and no hand has opened anything.
  const ahead = 'rsc' in request.headers && 'next-router-prefetch' in request.headers && !isRoute
  if ((found.door === 'exam' || found.route === PERSON) && method === 'GET' && !ahead) {
    noteOpening({ visitor, address, now }, found.params.examId ?? found.params.personId ?? '', found.route)
  }
  const isStatic = path.startsWith('/_next/static/') || path === '/icon.svg' || path === '/manifest.webmanifest'
  const policy = isStatic ? null : pagePolicy()
  return {
    pass: true,
    request: {
      [ADDRESS_HEADER]: address,
      [SECURE_HEADER]: secure ? 'yes' : 'no',
      host: host ?? '',
      ...(policy && { 'x-nonce': policy.nonce, 'content-security-policy': policy.text }),
    },
    response: { ...always, ...(policy && { 'content-security-policy': policy.text, 'cache-control': isRoute ? 'no-store' : PAGE_CACHE }) },
  }
}

/** Headers that only the gate may set, and those a proxy sets that nobody vouches for. */
export const NOT_FROM_OUTSIDE: readonly string[] = [
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

function split(url: string): readonly [string, string] {
  const at = url.indexOf('?')
  return at < 0 ? [url, ''] : [url.slice(0, at), url.slice(at)]
}

/** A percent sign that begins nothing, or a byte that is no letter, would be thrown at by whoever decodes it later. */
function isReadable(text: string): boolean {
  try {
    return !/[\u0000-\u001f\u007f\\]/.test(decodeURIComponent(text))
  } catch {
    return false
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

function told(why: Refusal, headers: Readonly<Record<string, string>>): Gated {
  const { status, what, do: todo } = REFUSALS[why]
  return answer(status, headers, { what, kept: 'Nothing was written; what this window holds stays in it.', do: todo, why })
}

/** A page leads to where the door opens; what is not theirs says so in place. */
function shown(why: Refusal, url: string, headers: Readonly<Record<string, string>>, part: boolean): Gated {
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
