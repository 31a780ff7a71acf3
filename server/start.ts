import { existsSync, mkdirSync, readFileSync, watchFile } from 'node:fs'
import http, { type IncomingMessage, type ServerResponse } from 'node:http'
import https from 'node:https'
import type { Socket } from 'node:net'
import next from 'next'
import { db } from '../db'
import { removeScratch } from '../db/backup'
import { listErasures } from '../db/erasure-list'
import { takeLock } from '../db/lock'
import { finishRestore } from '../db/restore'
import { NotOpened } from '../db/open'
import { hasLead } from '../db/queries/accounts'
import { thisClinic } from '../db/queries/this-clinic'
import { conditionWords, noteTrouble, setCondition, troubleHere } from './condition'
import { everyDay } from './daily'
import { newCode } from './auth/secrets'
import { sealFactors } from './auth/own-account'
import { setFirstCode } from './auth/sign-in'
import { type Environment, environment, isLoopback } from './environment'
import { BARE, gate, isInternalHeader, plainPage } from './gate'
import { endStreams } from './live'
import { log, loggable } from './log'

// Everything this program makes is for its own user alone.
process.umask(0o077)

/** Answers that are under way get so long to end, in milliseconds. */
const LAST_WORDS_MS = 4000

/** The framework may start: a gate stands before it. A plain `next start` has none and is refused. */
const held = globalThis as typeof globalThis & { dustLanternGate?: boolean }

async function start(): Promise<void> {
  const env = environment()
  const dev = process.argv.includes('--dev')
  const lock = await opened(env)
  checkDemo(env)
  listErasures(db(), env.dataFolder)
  sealFactors()
  held.dustLanternGate = true
  const app = next({ dev, dir: process.cwd(), hostname: env.address, port: env.port })
  const handle = app.getRequestHandler()
  const listener = (request: IncomingMessage, response: ServerResponse) => {
    try {
      const gated = gate(request, Date.now())
      if (!gated.pass) {
        response.writeHead(gated.status, { ...gated.headers, connection: 'close' })
        response.end(request.method === 'HEAD' ? undefined : gated.body)
        return
      }
      request.url = gated.url
      if (/^\/sw\.js(\?|$)/.test(gated.url)) {
        tellWorker(request, response, gated.response)
        return
      }
      for (const name of Object.keys(request.headers)) if (isInternalHeader(name)) Reflect.deleteProperty(request.headers, name)
      Object.assign(request.headers, gated.request)
      for (const [name, value] of Object.entries(gated.response)) response.setHeader(name, value)
      keepNoStore(response, gated.response)
      handle(request, response).catch((error: unknown) => fail(response, error))
    } catch (error) {
      fail(response, error)
    }
  }
  const server = env.tls ? https.createServer(certificate(env.tls), listener) : http.createServer(listener)
  if (env.tls && server instanceof https.Server) renewed(server, env.tls)
  // A slow sender holds nothing open for ever.
  server.headersTimeout = 20_000
  server.requestTimeout = 60_000
  server.maxHeadersCount = 100
  await app.prepare()
  await listening(server, env)
  const firstCode = env.demo || hasLead(db()) ? null : newCode(3)
  if (firstCode !== null) setFirstCode(firstCode)
  const scheme = env.tls ? 'https' : 'http'
  log().info({ address: env.address, port: portOf(server), scheme, demo: env.demo, hosts: [...env.hosts] }, 'listening')
  if (firstCode !== null) {
    process.stderr.write(`\nDust Lantern has no lead yet. Open ${scheme}://${env.address}:${portOf(server)}/first and type this code: ${firstCode}\n\n`)
  }
  everyDay()
  endsWell(server, app, lock)
}

/** Nothing else starts on this folder, resets it or restores into it meanwhile. */
function locked({ dataFolder }: Environment): () => void {
  mkdirSync(dataFolder, { recursive: true, mode: 0o700 })
  const taken = takeLock(dataFolder)
  if (!taken.ok) throw new Error('Dust Lantern cannot start: it runs on this folder already.')
  try {
    if (finishRestore(dataFolder)) log().info('a restore that was ended in the middle is finished')
    removeScratch(dataFolder)
    return taken.release
  } catch (error) {
    taken.release()
    throw error
  }
}

/** How long until a database that could not be opened is tried again. */
const TRY_AGAIN_MS = 5000

/**
 * Take the folder and open the database. While that fails for its disk, every address says so in words, and it is tried again: whoever
 * makes room or puts the file back has nothing to restart.
 *
 * @returns what lets the folder go
 */
async function opened(env: Environment): Promise<() => void> {
  let closed: http.Server | https.Server | null = null
  let lock: (() => void) | null = null
  for (;;) {
    try {
      lock ??= locked(env)
      db()
      if (closed) await new Promise((resolve) => closed?.close(resolve) && closed.closeAllConnections())
      setCondition({ kind: 'well' })
      return lock
    } catch (error) {
      const trouble = troubleHere(error, env.dataFolder)
      if (error instanceof NotOpened || trouble === null || !('what' in trouble)) throw error
      log().fatal({ error: loggable(error) }, 'the database cannot be opened')
      setCondition({ kind: 'closed', what: trouble.what })
      if (!closed) {
        process.stderr.write(`${trouble.what} Every address says so until it is mended: npm run doctor\n`)
        closed = await closedServer(env, trouble.what)
      }
      await new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_MS))
    }
  }
}

/** Stands in for the application: one page that says what is wrong, and the same for whatever asks. */
async function closedServer(env: Environment, what: string): Promise<http.Server | https.Server> {
  const todo =
    'What was recorded on a device waits there. Whoever looks after the computer finds out more with npm run doctor; this page is tried again by itself.'
  const listener = (request: IncomingMessage, response: ServerResponse) => {
    const page = request.method === 'GET' && (request.headers.accept ?? '').includes('text/html')
    response.writeHead(503, { ...CLOSED_HEADERS, 'content-type': page ? 'text/html; charset=utf-8' : 'application/json' })
    response.end(page ? plainPage(what, todo, '/today', 'Try again') : JSON.stringify({ ready: false, what, kept: 'Everything recorded is kept.', do: todo }))
  }
  const server = env.tls ? https.createServer(certificate(env.tls), listener) : http.createServer(listener)
  await listening(server, env)
  return server
}

const CLOSED_HEADERS = {
  'cache-control': 'no-store',
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'content-security-policy': BARE,
  'retry-after': '10',
} as const

/** A demo signs in without a password: only where everything is invented. */
function checkDemo({ demo, address, tls, proxies }: Environment): void {
  const clinic = thisClinic(db())
  if (demo && !clinic.demo)
    throw new Error('Dust Lantern cannot start: this folder holds a clinic of your own, and the demo signs in without a password. Start it with npm start.')
  if (!isLoopback(address) && !tls && proxies.size === 0 && !demo) {
    log().warn('listening on the network without TLS: passwords and records can be read on the way. See docs/running.md')
  }
}

function certificate({ cert, key }: { readonly cert: string; readonly key: string }) {
  return { cert: readFileSync(cert), key: readFileSync(key) }
}

/** A certificate that is renewed is read again without a restart. */
function renewed(server: https.Server, tls: { readonly cert: string; readonly key: string }): void {
  watchFile(tls.cert, { interval: 60_000, persistent: false }, () => {
    try {
      if (existsSync(tls.cert)) server.setSecureContext(certificate(tls))
    } catch (error) {
      log().error({ error: loggable(error) }, 'certificate not read')
    }
  })
}

/** The service worker: a file beside the build, asked for again each time so that a new version is found. */
function tellWorker(request: IncomingMessage, response: ServerResponse, headers: Readonly<Record<string, string>>): void {
  if (!existsSync(WORKER)) {
    response.writeHead(404, { ...headers, 'content-type': 'text/plain' }).end()
    return
  }
  response.writeHead(200, {
    ...headers,
    'content-type': 'text/javascript; charset=utf-8',
    'cache-control': 'no-cache',
    'content-security-policy': "default-src 'self'",
  })
  response.end(request.method === 'HEAD' ? undefined : readFileSync(WORKER))
}
const WORKER = '.next/sw.js'

/** Nothing but the program itself, which names no one, may be kept by a browser, whatever the framework says of a page. */
function keepNoStore(response: ServerResponse, headers: Readonly<Record<string, string>>): void {
  const kept = headers['cache-control']
  if (kept === undefined) return
  const set = response.setHeader.bind(response)
  response.setHeader = (name, value) => set(name, name.toLowerCase() === 'cache-control' && !String(value).includes('no-cache, no-transform') ? kept : value)
}

function fail(response: ServerResponse, error: unknown): void {
  const trouble = noteTrouble(error)
  const told = trouble && conditionWords(trouble)
  log().error({ error: loggable(error) }, 'failed')
  if (response.headersSent) {
    response.destroy()
    return
  }
  response.writeHead(told ? 503 : 500, { 'content-type': 'application/json', 'cache-control': 'no-store' })
  const what = told?.what ?? 'The server could not do this.'
  response.end(JSON.stringify({ what, kept: 'What this window holds stays in it and is sent again by itself.', do: told?.do ?? 'Try again.' }))
}

function listening(server: http.Server | https.Server, { address, port }: Environment): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, address.replace(/^\[|\]$/g, ''), resolve)
  })
}

function portOf(server: http.Server | https.Server): number {
  const at = server.address()
  return typeof at === 'object' && at ? at.port : 0
}

/** Told to stop: no new requests, streams closed, answers under way answered, then the database. Within five seconds whatever happens. */
function endsWell(server: http.Server | https.Server, app: { close: () => Promise<void> }, release: () => void): void {
  const sockets = new Set<Socket>()
  server.on('connection', (socket: Socket) => {
    sockets.add(socket)
    socket.once('close', () => sockets.delete(socket))
  })
  let ending = false
  const end = (signal: string) => {
    if (ending) return
    ending = true
    log().info({ signal }, 'stopping')
    endStreams()
    const over = () => {
      void app.close().finally(() => {
        try {
          db().$client.close()
          release()
        } finally {
          process.exit(0)
        }
      })
    }
    server.close(over)
    server.closeIdleConnections()
    setTimeout(() => server.closeAllConnections(), LAST_WORDS_MS).unref()
    setTimeout(() => {
      release()
      process.exit(0)
    }, LAST_WORDS_MS + 700).unref()
  }
  process.on('SIGTERM', end)
  process.on('SIGINT', end)
}

start().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`)
  process.exit(1)
})
