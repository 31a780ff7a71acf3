import http from 'node:http'
import { openDb } from '../../db/open'
import { addAccount, type Role } from '../../db/queries/accounts'
import { examHeads } from '../../db/queries/exams'
import { hashSecret } from '../../server/auth/secrets'
import { matchRoute, permits, PROCEDURE_ACCESS, type RouteName, ROUTES } from '../../server/auth/routes'
import { readRequestPath } from '../../server/auth/request-path'
import { spellingsOf } from '../../tests/spellings'
import { report } from '../measure'
import { PASSWORD, proofClinic, signedIn } from './clinic'

/** Whoever asks, and which session they hold. */
type Caller = 'stranger' | 'locked' | 'half signed in' | Role
const CALLERS: readonly Caller[] = ['stranger', 'locked', 'half signed in', 'student', 'practitioner', 'lead']

/** What the framework's own navigation sends, and what it says to itself. */
const HEADERS: readonly Readonly<Record<string, string>>[] = [
  {},
  { rsc: '1' },
  { rsc: '1', 'next-router-prefetch': '1', 'next-router-segment-prefetch': '/_tree' },
  { 'x-nextjs-data': '1', 'x-matched-path': '/sign-in', 'x-invoke-path': '/sign-in', 'x-middleware-rewrite': '/sign-in', 'x-now-route-matches': '1=x' },
]

/** Names of the demo clinic: whoever may not see a record reads none of them, in no body and no title. */
const NAMES = /Brightmoor|Talvane|Teasel|Quill|Wickery|Marl\b|Ashlock|bell-founder/

/**
 * Every page, data route and procedure, in every spelling, as everybody, with and without the framework's own headers: nobody reads a name
 * they may not see, a spelling that is not normal serves nothing, and nothing answers with 500.
 *
 * @param every - one of so many requests is sent; 1 sends all
 */
export async function spellings(every: number): Promise<boolean> {
  const clinic = await proofClinic(false)
  const db = openDb(clinic.file)
  const password = await hashSecret(PASSWORD)
  for (const role of ['student', 'practitioner'] as const) {
    addAccount(db, { id: role, name: role, login: role, role, invitation: null, invitedUntil: null, password }, Date.now())
  }
  addAccount(db, { id: 'half', name: 'half', login: 'half', role: 'lead', invitation: null, invitedUntil: null, password }, Date.now())
  db.$client.prepare(`UPDATE accounts SET totp = 'JBSWY3DPEHPK3PXPJBSWY3DPEHPK3PXP' WHERE id = 'half'`).run()
  const head = examHeads(db).find(({ id }) => id === clinic.examId)
  db.$client.close()
  const server = await clinic.start()
  const locked = await signedIn(server.url)
  await post(server.url, '/do/lock', locked)
  const cookies: Readonly<Record<Caller, string>> = {
    stranger: '',
    locked,
    'half signed in': await signedIn(server.url, 'half'),
    student: await signedIn(server.url, 'student'),
    practitioner: await signedIn(server.url, 'practitioner'),
    lead: await signedIn(server.url),
  }
  const port = Number(new URL(server.url).port)
  const paths = (Object.keys(ROUTES) as RouteName[]).map((name) =>
    name
      .replace('[examId]', clinic.examId)
      .replace('[personId]', head?.person.id ?? '')
      .replace('[test]', 'slump')
      .replace('[act]', 'trail')
      .replaceAll(/\[\w+\]/g, 'AAAAAA'),
  )
  const acts = Object.keys(PROCEDURE_ACCESS)
    .filter((act) => !/sign-out|^lock|backup|restore/.test(act))
    .map((act) => `/do/${act}`)
  const wrong: string[] = []
  const statuses = new Map<number, number>()
  let sent = 0
  let n = 0
  const one = async (path: string, caller: Caller, headers: Readonly<Record<string, string>>, method: string) => {
    const { status, body } = await raw(port, method, path, { ...headers, ...(cookies[caller] !== '' && { cookie: cookies[caller] }) })
    sent++
    statuses.set(status, (statuses.get(status) ?? 0) + 1)
    const read = readRequestPath(path)
    const found = read.ok ? matchRoute(read.path) : null
    const role = caller === 'student' || caller === 'practitioner' || caller === 'lead' ? caller : null
    const may = found !== null && role !== null && permits(found.access, role, () => false)
    const what = `${caller}: ${method} ${path.slice(0, 90)} ${JSON.stringify(headers).slice(0, 60)} gave ${status}`
    if (status >= 500) wrong.push(what)
    if (!read.ok && status !== 400 && status !== 308) wrong.push(`${what}, though it is no normal path`)
    if (NAMES.test(body) && !(may && role !== 'student')) wrong.push(`${what}, with a name in it`)
    if (
      status === 200 &&
      found &&
      found.access !== 'anyone' &&
      !may &&
      !(caller === 'locked' && found.access === 'held') &&
      !(caller === 'half signed in' && found.access === 'half')
    ) {
      wrong.push(`${what}, which is not theirs`)
    }
  }
  const jobs: (() => Promise<void>)[] = []
  for (const path of [...paths, ...acts]) {
    for (const spelling of [path, ...(path === '/' ? [] : spellingsOf(path))]) {
      for (const caller of CALLERS) {
        for (const headers of HEADERS) {
          for (const method of spelling === path ? ['GET', 'POST'] : ['GET']) {
            if (path === '/live' && method === 'GET' && spelling === path) continue
            if (n++ % every === 0) jobs.push(() => one(spelling, caller, headers, method))
          }
        }
      }
    }
  }
  let next = 0
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      for (let job = jobs[next++]; job; job = jobs[next++]) await job()
    }),
  )
  await server.stop()
  clinic.remove()
  report(
    `${sent} requests: ${paths.length} routes and ${acts.length} procedures, in up to ${spellingsOf('/a/b').length} spellings, as ${CALLERS.length} callers, with ${HEADERS.length} sets of headers`,
    [
      `answered ${[...statuses]
        .toSorted(([a], [b]) => a - b)
        .map(([status, count]) => `${count} with ${status}`)
        .join(', ')}`,
      `${wrong.length} served what was not theirs, named somebody, or failed`,
      ...wrong.slice(0, 12),
    ],
  )
  return wrong.length === 0
}

async function post(url: string, path: string, cookie: string): Promise<void> {
  await (await fetch(url + path, { method: 'POST', headers: { 'content-type': 'application/json', cookie }, body: '{"args":[]}' })).text()
}

const agent = new http.Agent({ keepAlive: true, maxSockets: 8 })

/** Send a request target exactly as it is written; a browser or a library would tidy it. */
function raw(
  port: number,
  method: string,
  path: string,
  headers: Readonly<Record<string, string>>,
): Promise<{ readonly status: number; readonly body: string }> {
  return new Promise((resolve) => {
    const options = { host: '127.0.0.1', port, method, agent, headers: { ...headers, ...(method === 'POST' && { 'content-type': 'application/json' }) } }
    let request: http.ClientRequest
    try {
      request = http.request({ ...options, path }, (response) => {
        let body = ''
        response.setEncoding('utf8')
        response.on('data', (chunk: string) => (body += chunk))
        response.on('end', () => resolve({ status: response.statusCode ?? 0, body }))
        response.on('error', () => resolve({ status: 0, body }))
      })
    } catch {
      // A target that Node itself sends to nobody.
      resolve({ status: 400, body: '' })
      return
    }
    request.on('error', () => resolve({ status: 400, body: '' }))
    request.end(method === 'POST' ? '{"args":[]}' : undefined)
  })
}
