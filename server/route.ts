import type { Problem } from '../core/vocabulary/problem'
import { conditionWords, noteTrouble } from './condition'
import { environment, isOwnHost } from './environment'
import { admitAt, REFUSALS, type Visitor } from './identity'
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
  /** Whoever is signed in. */
  readonly who: Who
  readonly visitor: Visitor
  readonly url: URL
}

/** What a route is given behind which nothing of a patient is, or whose address holds a code. Anybody may have sent it. */
export type AskedByAnybody<P, B> = Omit<Asked<P, B>, 'who'>

type Handler<P> = (request: Request, context: { readonly params: Promise<P> }) => Promise<Response>

/** What a route does with what it is given. */
type Work<A> = (asked: A) => Promise<Response> | Response

/**
 * A route: every one of them passes here.
 *
 * Checks the host it was asked under, the page it came from, who asks and whether the door of this address is theirs, and the size of
 * the body while it is read, and answers every throw with a problem. Each answer carries the number under which the log knows it.
 */
export function route<P extends Readonly<Record<string, string>>>(tell: Work<Asked<P, undefined>>): Handler<P>
export function route<P extends Readonly<Record<string, string>>>(reads: Reads & { as: 'json' }, take: Work<Asked<P, unknown>>): Handler<P>
export function route<P extends Readonly<Record<string, string>>>(reads: Reads & { as: 'text' }, take: Work<Asked<P, string>>): Handler<P>
export function route<P>(first: Reads | Work<Asked<P, undefined>>, second?: Work<Asked<P, never>>): Handler<P> {
  const reads = typeof first === 'function' ? null : first
  const work = (typeof first === 'function' ? first : second) as Work<Asked<P, unknown>>
  return handler(reads, (asked) => {
    const { visitor } = asked
    return visitor.kind === 'open' || visitor.kind === 'locked' ? work({ ...asked, who: visitor.who }) : refusedAtDoor('sign-in')
  })
}

/** A route that anybody may ask, also a stranger: its own address or what it is sent says what may be done. */
export function openRoute<P extends Readonly<Record<string, string>>>(tell: Work<AskedByAnybody<P, undefined>>): Handler<P>
export function openRoute<P extends Readonly<Record<string, string>>>(reads: Reads & { as: 'json' }, take: Work<AskedByAnybody<P, unknown>>): Handler<P>
export function openRoute<P extends Readonly<Record<string, string>>>(reads: Reads & { as: 'text' }, take: Work<AskedByAnybody<P, string>>): Handler<P>
export function openRoute<P>(first: Reads | Work<AskedByAnybody<P, undefined>>, second?: Work<AskedByAnybody<P, never>>): Handler<P> {
  return handler(typeof first === 'function' ? null : first, (typeof first === 'function' ? first : second) as Work<AskedByAnybody<P, unknown>>)
}

function handler<P>(reads: Reads | null, work: Work<AskedByAnybody<P, unknown>>): Handler<P> {
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
  work: Work<AskedByAnybody<P, unknown>>,
  id: string,
): Promise<Response> {
  try {
    const gate = refusal(request, reads !== null)
    if (gate) return gate
    const url = new URL(request.url)
    const admission = admitAt(url.pathname, request.headers.get('cookie'), Date.now())
    if (!admission.ok) return refusedAtDoor(admission.why)
    const body = reads ? await readBody(request, reads) : ({ ok: true, value: undefined } as const)
    if (!body.ok) return body.response
    return await work({ request, params: await context.params, body: body.value, visitor: admission.visitor, url })
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

/** Answer that this door is not open, with why; a window that keeps entries goes on keeping them. */
export function refusedAtDoor(why: keyof typeof REFUSALS): Response {
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
