import type { Problem } from '../core/vocabulary/problem'
import { conditionWords, noteTrouble } from './condition'
import { db } from '../db'
import { ADDRESS_HEADER, credentialsOf } from './auth/asking'
import { noteRead } from './auth/openings'
import type { GrantedBy } from './auth/page'
import type { DataName, RouteParams } from './auth/routes'
import { environment, isOwnHost } from './environment'
import { admit, REFUSALS, type Visitor } from './identity'
import { log, loggable } from './log'

/** On every answer: nothing guesses its kind, nothing keeps it, nothing else shows it. */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cache-control': 'no-store',
} as const

/** The largest body a mutation may have, in bytes, where a route does not say otherwise. */
const LARGEST = 1_000_000

/** How a route reads what is sent to it; a route that only tells has no body. */
export interface Reads {
  readonly as: 'json' | 'text'
  /** In bytes. */
  readonly largest?: number
}

/** What a data route is given: what was sent, who sent it, and, for whoever is signed in, the database. */
export type RouteContext<R extends DataName, B> = {
  readonly request: Request
  readonly params: RouteParams<R>
  readonly body: B
  readonly visitor: Visitor
  readonly url: URL
  readonly now: number
} & GrantedBy<R>

declare const GUARDED: unique symbol

/** A handler that asks for its access itself; the contract of the routes accepts nothing else. */
export type GuardedRoute<R extends DataName> = ((request: Request, context: { readonly params: Promise<RouteParams<R>> }) => Promise<Response>) & {
  readonly [GUARDED]: R
}

type Work<A> = (context: A) => Promise<Response> | Response

/**
 * A data route: every one of them passes here.
 *
 * Checks the host it was asked under, the page it came from, whether its access level in the table is open to whoever asks, and the size
 * of the body while it is read, and answers every throw with a problem. Each answer carries the number under which the log knows it.
 *
 * @param name - the route, as its folder is called
 */
export function route<const R extends DataName>(name: R, read: Work<RouteContext<R, undefined>>): GuardedRoute<R>
export function route<const R extends DataName>(name: R, reads: Reads & { as: 'json' }, take: Work<RouteContext<R, unknown>>): GuardedRoute<R>
export function route<const R extends DataName>(name: R, reads: Reads & { as: 'text' }, take: Work<RouteContext<R, string>>): GuardedRoute<R>
export function route<const R extends DataName>(
  name: R,
  first: Reads | Work<RouteContext<R, undefined>>,
  second?: Work<RouteContext<R, never>>,
): GuardedRoute<R> {
  const reads = typeof first === 'function' ? null : first
  const work = (typeof first === 'function' ? first : second) as Work<RouteContext<R, unknown>>
  const handler = async (request: Request, context: { readonly params: Promise<RouteParams<R>> }) => {
    const id = crypto.randomUUID()
    const began = performance.now()
    const answer = await answerTo(name, request, context, reads, work, id)
    for (const [header, value] of Object.entries({ ...HEADERS, 'x-request-id': id })) {
      if (header !== 'cache-control' || !answer.headers.has(header)) answer.headers.set(header, value)
    }
    const line = { id, method: request.method, status: answer.status, ms: Math.round(performance.now() - began) }
    if (answer.status >= 500) log().error(line, 'answered')
    else log().debug(line, 'answered')
    return answer
  }
  return handler as GuardedRoute<R>
}

async function answerTo<R extends DataName>(
  name: R,
  request: Request,
  context: { readonly params: Promise<RouteParams<R> | undefined> },
  reads: Reads | null,
  work: Work<RouteContext<R, unknown>>,
  id: string,
): Promise<Response> {
  try {
    const gate = refusal(request, reads !== null)
    if (gate) return gate
    const url = new URL(request.url)
    const now = Date.now()
    // The framework gives none where an address names nothing.
    const params: Readonly<Record<string, string>> = (await context.params) ?? {}
    const admission = admit(name, params, credentialsOf(request), now)
    if (!admission.ok) return refusedAccess(admission.why)
    const { visitor } = admission
    noteRead(name, params, { visitor, address: request.headers.get(ADDRESS_HEADER) ?? 'not known', now })
    const body = reads ? await readBody(request, reads) : ({ ok: true, value: undefined } as const)
    if (!body.ok) return body.response
    const given = visitor.kind === 'open' || visitor.kind === 'locked' ? { who: visitor.who, db: db() } : {}
    return await work({ request, params, body: body.value, visitor, url, now, ...given } as unknown as RouteContext<R, unknown>)
  } catch (error) {
    const trouble = noteTrouble(error)
    const told = trouble && conditionWords(trouble)
    log().error({ id, error: loggable(error) }, 'failed')
    // The window keeps what it could not store, as it does while no server is there.
    if (told) return problemResponse(507, { what: told.what, kept: 'Nothing of it was stored; what this window holds stays in it.', do: told.do })
    return problemResponse(500, {
      what: 'The server could not do this.',
      kept: 'What this window holds stays in it and is sent again by itself.',
      do: `Try again. If it keeps happening, say number ${id.slice(0, 8)} to whoever looks after the clinic's computer.`,
    })
  }
}

const NOTHING_WRITTEN = 'Nothing was written; everything recorded before is kept.'

/** Answer that this is not open to whoever asks, with why; a window that keeps entries goes on keeping them. */
export function refusedAccess(why: keyof typeof REFUSALS): Response {
  const { status, what, do: todo } = REFUSALS[why]
  return Response.json({ what, kept: NOTHING_WRITTEN, do: todo, why }, { status })
}

/** Answer with a problem: what happened, what was kept, what to do. */
export function problemResponse(status: number, problem: Problem): Response {
  return Response.json(problem, { status })
}

/** Asked under a name that is not ours, or sent by a page of another site. */
function refusal(request: Request, mutates: boolean): Response | null {
  const host = request.headers.get('host') ?? new URL(request.url).host
  if (!isOwnHost(host, environment().hosts)) {
    return problemResponse(421, {
      what: 'This server is not known under that name.',
      kept: NOTHING_WRITTEN,
      do: 'Open it under its own address, or name the address in ALLOWED_HOSTS.',
    })
  }
  return mutates && fromElsewhere(request, host)
    ? problemResponse(403, { what: 'This came from a page of another site.', kept: NOTHING_WRITTEN, do: 'Record it from Dust Lantern itself.' })
    : null
}

/** Browsers name the page a mutation comes from, or at least its site; what names neither is a tool of the clinic's own. */
function fromElsewhere(request: Request, host: string): boolean {
  const site = request.headers.get('sec-fetch-site')
  // Another service of the same site is another one all the same.
  if (site !== null && site !== 'same-origin' && site !== 'none') return true
  const origin = request.headers.get('origin')
  if (!origin) return false
  return !URL.canParse(origin) || new URL(origin).host !== host
}

type Body = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly response: Response }

/** Read a body and stop as soon as it is too large: a limit that looks at the whole has already held the whole. */
async function readBody(request: Request, { as, largest = LARGEST }: Reads): Promise<Body> {
  const refuse = (status: number, what: string, todo: string): Body => ({
    ok: false,
    response: problemResponse(status, { what, kept: NOTHING_WRITTEN, do: todo }),
  })
  const tooMuch = () => refuse(413, 'That is more than can be taken at once.', 'Send it in smaller parts.')
  if (Number(request.headers.get('content-length') ?? 0) > largest) return tooMuch()
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body?.getReader()
  for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
    size += read.value.byteLength
    if (size > largest) {
      await reader?.cancel()
      return tooMuch()
    }
    chunks.push(read.value)
  }
  let text: string
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks))
  } catch {
    return refuse(400, 'What was sent is not text in UTF-8.', 'Send it again as it was saved.')
  }
  if (CONTROLS.test(text)) return refuse(400, 'What was sent holds characters that no screen can show.', 'Take them out and send it again.')
  if (as === 'text') return { ok: true, value: text }
  try {
    const value: unknown = JSON.parse(text, (_, part: unknown) => {
      if (typeof part === 'string' && CONTROLS.test(part)) throw new Unshowable()
      return part
    })
    return { ok: true, value }
  } catch (error) {
    return error instanceof Unshowable
      ? refuse(400, 'A text holds characters that no screen can show.', 'Take them out and record it again.')
      : refuse(400, 'What was sent is not JSON.', 'Reload the page and record it again.')
  }
}

class Unshowable extends Error {}

// The characters that break screens and files; line breaks and tabs do not.
const CONTROLS = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/
