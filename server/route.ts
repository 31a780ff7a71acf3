import 'server-only'
import type { Problem } from '../core/vocabulary/problem'

/** Answer with a problem: what happened, what was kept, what to do. */
export function problemResponse(status: number, problem: Problem): Response {
  return Response.json(problem, { status })
}

/** A request body, or the answer to give instead. */
export type Body = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly response: Response }

/** The largest body a mutation may have, in bytes. */
const LARGEST = 1_000_000

/**
 * Read the JSON of a mutation.
 *
 * Refuses what another site's page sends (403), what is too large (413) and what is not JSON (400).
 */
export async function readBody(request: Request): Promise<Body> {
  const refuse = (status: number, what: string, todo: string): Body => ({
    ok: false,
    response: problemResponse(status, { what, kept: 'Nothing was written; everything recorded before is kept.', do: todo }),
  })
  if (fromElsewhere(request)) return refuse(403, 'This came from a page of another site.', 'Record it from Dust Lantern itself.')
  const text = await request.text()
  if (text.length > LARGEST) return refuse(413, 'That is more than can be taken at once.', 'Send it in smaller parts.')
  try {
    return { ok: true, value: JSON.parse(text) as unknown }
  } catch {
    return refuse(400, 'What was sent is not JSON.', 'Reload the page and record it again.')
  }
}

/** Browsers name the page a mutation comes from; anything else is a tool of the clinic's own. */
function fromElsewhere(request: Request): boolean {
  const origin = request.headers.get('origin')
  if (!origin) return request.headers.get('sec-fetch-site') === 'cross-site'
  return !URL.canParse(origin) || new URL(origin).host !== request.headers.get('host')
}
