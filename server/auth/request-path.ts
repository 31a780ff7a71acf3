/** A request target as the program serves it: one path in its normal form, and the query as it was sent. */
export type RequestPath =
  | { readonly ok: true; readonly path: string /** With its question mark; '' without one. */; readonly query: string }
  /** The same path without the slash at its end is normal. */
  | { readonly ok: false; readonly normal: string }
  | { readonly ok: false; readonly normal?: undefined }

const REFUSED: RequestPath = { ok: false }

/** Every character of a path in its normal form (RFC 3986, 3.3): unreserved, sub-delimiters, colon, at, slash, and bytes in percent form. */
const PATH = /^(?:\/|(?:\/(?:[A-Za-z0-9._~!$&'()*+,;=:@-]|%[0-9A-F]{2})+)+\/?)$/

/** Letters that never need the percent form (RFC 3986, 2.3); written in it they are another spelling of the same path. */
const UNRESERVED = /[A-Za-z0-9._~-]/

/** Query keys by which the framework passes route parameters to itself; from outside they would name another page than the path does. */
const INTERNAL_KEY = /[?&](?:nxt[PI]|__next|__N_)/i

/**
 * Read the target of a request line. Access is decided on this path and the framework serves this path, so it has one spelling: whatever
 * has another one (dot segments, encoded slashes, dots or letters, double slashes, backslashes, control characters, absolute forms) is
 * refused instead of repaired.
 *
 * @param target - the request target as Node read it
 */
export function readRequestPath(target: string): RequestPath {
  const at = target.indexOf('?')
  const path = at < 0 ? target : target.slice(0, at)
  const query = at < 0 ? '' : target.slice(at)
  if (!PATH.test(path) || !isReadableQuery(query)) return REFUSED
  const segments = path.slice(1).split('/')
  const last = segments.at(-1)
  const named = last === '' && segments.length > 1 ? segments.slice(0, -1) : segments
  if (path !== '/' && !named.every(isNormalSegment)) return REFUSED
  if (path !== '/' && last === '') return { ok: false, normal: `/${named.join('/')}${query}` }
  return { ok: true, path, query }
}

function isNormalSegment(segment: string): boolean {
  if (segment === '.' || segment === '..') return false
  for (const [, hex = ''] of segment.matchAll(/%([0-9A-F]{2})/g)) {
    if (UNRESERVED.test(String.fromCharCode(Number.parseInt(hex, 16)))) return false
  }
  const text = decoded(segment)
  // A slash, backslash or percent sign that appears after decoding would be read a second time by whoever decodes again.
  return text !== null && !/[/\\%\u0000-\u001f\u007f-\u009f]/.test(text)
}

function isReadableQuery(query: string): boolean {
  const text = decoded(query)
  return text !== null && !/[\u0000-\u001f\u007f\\#]/.test(text) && !INTERNAL_KEY.test(query) && !INTERNAL_KEY.test(text)
}

/** @returns null where a percent sign begins nothing, or bytes are no text in UTF-8 */
function decoded(text: string): string | null {
  try {
    return decodeURIComponent(text)
  } catch {
    return null
  }
}
