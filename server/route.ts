import 'server-only'
import type { Problem } from '../core/vocabulary/problem'
import { environment, isOwnHost } from './environment'
import { identify } from './identity'
import { log, loggable } from './log'
import type { Who } from './who'

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

/** What a route is given. */
export interface Asked<P, B> {
  readonly request: Request
  readonly params: P
  readonly body: B
  readonly who: Who
  readonly url: URL
}

type Handler<P> = (request: Request, context: { readonly params: Promise<P> }) => Promise<Response>

/**
 * A route: every one of them passes here.
 *
 * Checks the host it was asked under, the page it came from, who asks and the size of the body while it is read, and answers every
 * throw with a problem. Each answer carries the number under which the log knows it.
 */
export function route<P extends Readonly<Record<string, string>>>(tell: (asked: Asked<P, undefined>) => Promise<Response> | Response): Handler<P>
export function route<P extends Readonly<Record<string, string>>>(
  reads: Reads & { as: 'json' },
  take: (asked: Asked<P, unknown>) => Promise<Response> | Response,
): Handler<P>
export function route<P extends Readonly<Record<string, string>>>(
  reads: Reads & { as: 'text' },
  take: (asked: Asked<P, string>) => Promise<Response> | Response,
): Handler<P>
export function route<P>(
  first: Reads | ((asked: Asked<P, undefined>) => Promise<Response> | Response),
  second?: (asked: Asked<P, never>) => Promise<Response> | Response,
): Handler<P> {
  const reads = typeof first === 'function' ? null : first
  const work = (typeof first === 'function' ? first : second) as (asked: Asked<P, unknown>) => Promise<Response> | Response
  return async (request, context) => {
    const id = crypto.randomUUID()
    const began = performance.now()
    const answer = await answerTo(request, context, reads, work, id)
    for (const [name, value] of Object.entries({ ...HEADERS, 'x-request-id': id })) {
      if (name !== 'cache-control' || !answer.headers.has(name)) answer.headers.set(name, value)
    }
    const line = { id, method: request.method, status: answer.status, ms: Math.round(performance.now() - began) }
    if (answer.status >= 500) log().error(line, 'answered')
    else log().debug(line, 'answered')
    return answer
  }
}

async function answerTo<P>(
  request: Request,
  context: { readonly params: Promise<P> },
  reads: Reads | null,
  work: (asked: Asked<P, unknown>) => Promise<Response> | Response,
  id: string,
): Promise<Response> {
  try {
    const gate = refusal(request, reads !== null)
    if (gate) return gate
    const identity = identify(request)
    if (!identity.ok)
      return problemResponse(identity.status, { what: 'This needs somebody who is signed in.', kept: NOTHING_WRITTEN, do: 'Sign in and try again.' })
    const body = reads ? await readBody(request, reads) : ({ ok: true, value: undefined } as const)
    if (!body.ok) return body.response
    return await work({ request, params: await context.params, body: body.value, who: identity.who, url: new URL(request.url) })
  } catch (error) {
    log().error({ id, error: loggable(error) }, 'failed')
    return problemResponse(500, {
      what: 'The server could not do this.',
      kept: 'What this window holds stays in it and is sent again by itself.',
      do: `Try again. If it keeps happening, say number ${id.slice(0, 8)} to whoever looks after the clinic's computer.`,
    })
  }
}

const NOTHING_WRITTEN = 'Nothing was written; everything recorded before is kept.'

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

/** Browsers name the page a mutation comes from; anything else is a tool of the clinic's own. */
function fromElsewhere(request: Request, host: string): boolean {
  const origin = request.headers.get('origin')
  if (!origin) return request.headers.get('sec-fetch-site') === 'cross-site'
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
