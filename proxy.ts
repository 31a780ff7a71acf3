import { type NextRequest, NextResponse } from 'next/server'
import { environment, isOwnHost } from './server/environment'

/** What a page may be asked with; everything that changes something goes to a route. */
const FOR_PAGES: ReadonlySet<string> = new Set(['GET', 'HEAD'])
const FOR_ROUTES: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'OPTIONS'])

/** Addresses that a route answers: it reads bodies and checks what they hold itself. */
const ROUTES = /^\/(do\/|devices\/|exchange\/|live$|health$|today\/rows$|exam\/[^/]+\/(events|file|pair|record)$)/

/**
 * Stands before every page and route: refuses what no one here answers, before the framework has to make sense of it, and gives every
 * page its own nonce and a strict content policy: nothing from outside, no script without the nonce.
 */
export function proxy(request: NextRequest): NextResponse {
  const refused = refusal(request)
  if (refused) return refused
  const nonce = crypto.randomUUID().replaceAll('-', '')
  const dev = process.env.NODE_ENV === 'development'
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${dev ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    // Radix places its pieces with style attributes.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy)
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy)
  for (const [name, value] of Object.entries(ALWAYS)) response.headers.set(name, value)
  return response
}

const ALWAYS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=(), usb=(), gyroscope=(self), accelerometer=(self)',
  'cross-origin-opener-policy': 'same-origin',
} as const

function refusal(request: NextRequest): NextResponse | null {
  const { pathname } = request.nextUrl
  const problem = (status: number, what: string, todo: string) =>
    NextResponse.json(
      { what, kept: 'Nothing was changed; everything recorded is kept.', do: todo },
      { status, headers: { ...ALWAYS, 'cache-control': 'no-store' } },
    )
  if (!isOwnHost(request.headers.get('host'), environment().hosts)) {
    return problem(421, 'This server is not known under that name.', 'Open it under its own address, or name the address in ALLOWED_HOSTS.')
  }
  if (!isReadable(pathname) || !isReadable(request.nextUrl.search)) return problem(400, 'This address cannot be read.', 'Open it from Today.')
  const asked = ROUTES.test(pathname) ? FOR_ROUTES : FOR_PAGES
  if (!asked.has(request.method) || request.headers.has('next-action')) return problem(405, 'This address is not asked in that way.', 'Open it from Today.')
  return null
}

/** A percent sign that begins nothing, or a byte that is no letter, would be thrown at by whoever decodes it later. */
function isReadable(text: string): boolean {
  try {
    return !decodeURIComponent(text).includes('\u0000')
  } catch {
    return false
  }
}

export const config = {
  matcher: [{ source: '/((?!_next/static|_next/image|icon.svg).*)' }],
}
