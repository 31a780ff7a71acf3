import { readFileSync } from 'node:fs'
import { connect } from 'node:net'
import Database from 'better-sqlite3'
import { randomLcg } from 'd3-random'
import { PROCEDURE_ACCESS } from '../../server/auth/routes'
import { report } from '../measure'
import { proofClinic, signedIn } from './clinic'

/** Parts of addresses, bodies and headers that have no business there. */
const BAD_PARTS = [
  '..',
  '%2e%2e',
  '%',
  '%00',
  '%E0%A4%A',
  '\u0000',
  '👁',
  "' OR 1=1 --",
  '<script>alert(1)</script>',
  '{{7*7}}',
  '${7*7}',
  'a'.repeat(3000),
  '-1',
  'NaN',
  '__proto__',
  'constructor',
]
const BAD_BODIES: readonly string[] = [
  '',
  '{',
  'null',
  '[]',
  '7',
  '"text"',
  '{"args":[]}',
  '{"args":[null,null,null]}',
  '{"args":[{"__proto__":{"x":1}},[],{}]}',
  '{"args":["\\u0000","a","b"]}',
  '{"args":[1e999,-1,true,"x","y","z"]}',
  '{"args":["x","x","x","x","x","x","x"]}',
  '{"after":0,"events":[]}',
  '{"after":-1,"events":[{}]}',
  '{"after":0,"events":[null,7,{"type":"exam-signed"},{"type":"stage-answered","id":"x"}]}',
  '{"after":0,"events":[{"type":"symptom-rated","symptom":"S1","now":99,"id":"x","at":9e15}]}',
  `{"after":0,"events":${JSON.stringify(Array.from({ length: 600 }, () => ({})))}}`,
  '{"format":"dust-lantern-exam","version":1,"events":[{}]}',
  '{"have":7}',
  `{"args":["${'x'.repeat(5000)}"]}`,
  '['.repeat(20_000),
]
const BAD_HEADERS: readonly Readonly<Record<string, string>>[] = [
  {},
  { origin: 'http://elsewhere.example' },
  { origin: 'null' },
  { 'next-action': '40af' },
  { rsc: '1' },
  { rsc: '1', 'next-router-prefetch': '1' },
  { 'next-router-state-tree': '%5B%22%22%5D' },
  { 'x-forwarded-host': 'elsewhere.example' },
  { 'x-forwarded-for': '6.6.6.6' },
  { 'x-middleware-subrequest': 'middleware:middleware' },
  { 'x-lantern-address': '127.0.0.1', 'x-nonce': "'unsafe-inline'" },
  { cookie: 'lantern=' + 'A'.repeat(43) },
  { cookie: 'lantern=; lantern=%00' },
  { 'content-type': 'multipart/form-data; boundary=x' },
  { 'content-encoding': 'gzip' },
  { accept: 'application/json' },
  { range: 'bytes=0-1' },
]
const METHODS = ['GET', 'GET', 'GET', 'GET', 'POST', 'POST', 'POST', 'POST', 'POST', 'PUT', 'DELETE', 'OPTIONS', 'HEAD']

/** Lines that are no request at all. */
const RAW: readonly string[] = [
  'GARBAGE\r\n\r\n',
  'GET\r\n\r\n',
  'TRACE / HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n',
  'OPTIONS * HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n',
  'GET http://elsewhere.example/ HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n',
  'GET /today HTTP/1.1\r\n\r\n',
  'GET /today HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n',
  'POST /do/sign-in HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: -1\r\n\r\n',
  'POST /do/sign-in HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\n',
  `GET /${'a'.repeat(20_000)} HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n`,
]

/** What must not change; who was refused and who opened what is written on the trail, as it should be. */
const TABLES = [
  'people',
  'exams',
  'exam_events',
  'practitioners',
  'accounts',
  'settings',
  'own_rules',
  'own_priors',
  'evidence_overrides',
  'person_changes',
  'imports',
  'erasures',
  'entrusted',
  'clinic',
  'practice_runs',
  'practice_entries',
  'practice_judgements',
  'practice_cases',
  'practice_classes',
  'drill_answers',
]

function stateOf(file: string): string {
  const client = new Database(file, { readonly: true })
  const all = TABLES.map((table) => JSON.stringify(client.prepare(`SELECT * FROM ${table}`).all())).join('\n')
  client.close()
  return all
}

/** So many hostile requests over every page, route and act, as a stranger and as somebody who is signed in: no 500, and nothing written. */
export async function hostile(count: number): Promise<boolean> {
  const clinic = await proofClinic(false)
  const server = await clinic.start()
  const random = randomLcg(0.271)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  const cookie = await signedIn(server.url)
  if (cookie === '') throw new Error('The lead could not sign in.')
  const built = Object.values(JSON.parse(readFileSync('.next/app-path-routes-manifest.json', 'utf8')) as Record<string, string>).filter(
    (route) => !route.startsWith('/_'),
  )
  // Signing out or locking would make the rest strangers; both are walked by the journeys.
  const acts = Object.keys(PROCEDURE_ACCESS).filter((act) => !/sign-out|^lock|backup|restore/.test(act))
  const before = stateOf(clinic.file)
  const statuses = new Map<number, number>()
  const failed: string[] = []
  const one = async () => {
    const isRaw = random() < 0.05
    if (isRaw) {
      const status = await raw(Number(new URL(server.url).port), pick(RAW))
      statuses.set(status, (statuses.get(status) ?? 0) + 1)
      if (status >= 500) failed.push(`raw ${status}`)
      return
    }
    const bad = random() < 0.4 ? pick(BAD_PARTS) : null
    const route = random() < 0.4 ? `/do/${random() < 0.85 ? pick(acts) : (bad ?? 'nothing')}` : pick(built)
    const address =
      route.replace('[examId]', bad ?? (random() < 0.5 ? clinic.examId : '018c0000-0000-7000-8000-000000000000')).replaceAll(/\[\w+\]/g, bad ?? 'slump') +
      (random() < 0.3 ? `?${pick(['find', 'at', 'exam', 'after', 'to', 'who', 'person', 'before'])}=${bad ?? '1'}` : '')
    const method = pick(METHODS)
    const signed = random() < 0.5
    const headers = { ...(signed ? { cookie } : {}), 'content-type': 'application/json', ...pick(BAD_HEADERS) }
    try {
      const response = await fetch(server.url + encodeForFetch(address), {
        method,
        redirect: 'manual',
        headers,
        ...(method !== 'GET' && method !== 'HEAD' && { body: pick(BAD_BODIES) }),
        signal: AbortSignal.timeout(30_000),
      })
      // A stream has no end of its own.
      if (response.headers.get('content-type')?.includes('event-stream')) await response.body?.cancel()
      else await response.arrayBuffer()
      statuses.set(response.status, (statuses.get(response.status) ?? 0) + 1)
      if (response.status >= 500) failed.push(`${method} ${address.slice(0, 80)} ${response.status}`)
    } catch (error) {
      if (error instanceof TypeError && server.process.exitCode === null) return
      failed.push(`${method} ${address.slice(0, 80)}: ${String(error)}`)
    }
  }
  let left = count
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      while (left-- > 0) await one()
    }),
  )
  const alive = (await fetch(`${server.url}/health`)).ok
  await server.stop()
  const untouched = stateOf(clinic.file) === before
  clinic.remove()
  report(`${count} hostile requests over ${built.length} routes and ${acts.length} acts, half of them signed in`, [
    `answered ${[...statuses]
      .toSorted(([a], [b]) => a - b)
      .map(([status, n]) => `${n} with ${status}`)
      .join(', ')}`,
    `${failed.length} with 500 or no answer, ${untouched ? 'nothing' : 'SOMETHING'} written; the server ${alive ? 'goes on' : 'IS GONE'}`,
    ...failed.slice(0, 10),
  ])
  return failed.length === 0 && untouched && alive
}

/** An address as somebody sends it who has no manners: only what no socket would take is changed. */
function encodeForFetch(address: string): string {
  return address.replaceAll(/[\u0000-\u0020\u007f-\u{10ffff}"<>`{}|\\^]/gu, (sign) => encodeURIComponent(sign))
}

/** Send something that is no request. @returns the status of what came back; 0 for a closed line */
function raw(port: number, text: string): Promise<number> {
  return new Promise((resolve) => {
    let came = ''
    const socket = connect(port, '127.0.0.1', () => socket.write(text))
    const over = () => {
      socket.destroy()
      resolve(Number(/^HTTP\/1\.1 (\d+)/.exec(came)?.[1] ?? 0))
    }
    socket.setTimeout(3000, over)
    socket.on('data', (chunk: Buffer) => {
      came += chunk.toString('latin1')
      if (came.includes('\r\n\r\n')) over()
    })
    socket.on('close', over)
    socket.on('error', over)
  })
}
