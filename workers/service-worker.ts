import { type PrecacheEntry, Serwist } from 'serwist'

/** What the build puts in: every file of the program, and the page that stands in when the server is away. */
declare const SHELL_FILES: (PrecacheEntry | string)[]
/** First files of the program's own workers: what they are to do stands behind the # of their address. */
declare const WORKER_FILES: string[]
/** Names the build. */
declare const MADE: string

const WORKERS = `workers-${MADE}`

/** What this file needs of the place it runs in. */
type Waits = Event & { waitUntil: (work: Promise<unknown>) => void }

addEventListener('install', (event) => (event as Waits).waitUntil(caches.open(WORKERS).then((cache) => cache.addAll(WORKER_FILES))))
addEventListener('activate', (event) =>
  (event as Waits).waitUntil(
    caches.keys().then((names) => Promise.all(names.filter((name) => name.startsWith('workers-') && name !== WORKERS).map((name) => caches.delete(name)))),
  ),
)

/** A server that does not answer for so long is taken for one that is away, in milliseconds. */
const PATIENCE_MS = 10_000

/** What a proxy in front says of a server that is away. */
const AWAY: ReadonlySet<number> = new Set([502, 504])

/**
 * Keeps the program on the device, and nothing of anybody: records lie sealed in the device's own store, and a page that was drawn by the
 * server is never kept. A new version waits until somebody lets it take over.
 */
const serwist: Serwist = new Serwist({
  precacheEntries: SHELL_FILES,
  precacheOptions: { cleanupOutdatedCaches: true },
  skipWaiting: false,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ sameOrigin, url }) => sameOrigin && WORKER_FILES.includes(url.pathname),
      handler: async ({ request, url }): Promise<Response> => {
        const found = (await caches.match(url.pathname)) ?? (await fetch(request))
        // An answer from the cache has an address of its own, without what stands behind the #; one that is made here has none, and the worker keeps its own.
        return new Response(found.body, { status: found.status, headers: found.headers })
      },
    },
    {
      matcher: ({ request, sameOrigin, url }) => sameOrigin && request.mode === 'navigate' && !/\/(file|export)$/.test(url.pathname),
      handler: async ({ request }): Promise<Response> => {
        try {
          const response = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) })
          if (!AWAY.has(response.status)) return response
        } catch {
          // Away: the shell opens what this device keeps.
        }
        return (await serwist.matchPrecache('/shell')) ?? Response.error()
      },
    },
  ],
})
serwist.addEventListeners()
