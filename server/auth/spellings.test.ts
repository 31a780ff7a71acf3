// Sets process.env.DUST_LANTERN_DEMO = through the clinic on disk: these tests stand alone.
import { describe, expect, it } from 'vitest'
import { db } from '../../db'
import { addAccount, addSession } from '../../db/queries/accounts'
import { clinicOnDisk } from '../../tests/clinic-on-disk'
import { spellingsOf } from '../../tests/spellings'
import { gate } from '../gate'
import { readRequestPath } from './request-path'
import { matchRoute, permits, PROCEDURE_ACCESS, type RouteName, ROUTES } from './routes'
import { digest } from './secrets'

clinicOnDisk({ DUST_LANTERN_DEMO: 'no' })

const NOW = Date.UTC(2026, 11, 2, 9)
const ROLES = ['student', 'practitioner', 'lead'] as const
const SIGNED_IN = ['locked', 'half', ...ROLES] as const
const CALLERS = ['stranger', ...SIGNED_IN] as const
const token = (caller: string) => `${caller}-token-that-is-long-enough-to-be-one`
const HEADERS = [{}, { rsc: '1', 'next-router-prefetch': '1' }, { 'x-nextjs-data': '1', 'x-matched-path': '/sign-in' }] as const

describe('every route and procedure, in every spelling, as everybody', () => {
  it('is served under its one normal path to whoever may, and to nobody else', () => {
    for (const caller of SIGNED_IN) {
      const role = caller === 'locked' || caller === 'half' ? 'lead' : caller
      addAccount(db(), { id: caller, name: caller, login: caller, role, invitation: null, invitedUntil: null, password: 'x' }, NOW)
      const session = { account: caller, madeAt: NOW, seenAt: NOW, half: caller === 'half', locked: caller === 'locked', address: 'x', device: 'x' }
      addSession(db(), { id: digest(token(caller)), ...session })
    }
    const paths = [
      ...(Object.keys(ROUTES) as RouteName[]).map((name) => name.replaceAll(/\[\w+\]/g, '018c0000-0000-7000-8000-000000000001')),
      ...Object.keys(PROCEDURE_ACCESS).map((act) => `/do/${act}`),
    ]
    let n = 0
    let served = 0
    for (const path of paths) {
      for (const spelling of [path, ...(path === '/' ? [] : spellingsOf(path))]) {
        for (const caller of CALLERS) {
          // Every pair of spelling and caller; headers take turns.
          const headers = HEADERS[n++ % HEADERS.length]
          const request = {
            method: 'GET',
            url: spelling,
            headers: { host: 'localhost', ...headers, ...(caller !== 'stranger' && { cookie: `lantern=${token(caller)}` }) },
            socket: { remoteAddress: '127.0.0.1' },
          }
          const gated = gate(request, NOW)
          const read = readRequestPath(spelling)
          const what = `${caller} ${spelling}`
          if (!read.ok) {
            expect(gated.pass, what).toBe(false)
            continue
          }
          if (!gated.pass) continue
          served++
          const found = matchRoute(gated.url.split('?')[0] ?? '')
          if (!found) {
            expect([what, gated.url.startsWith('/_next/static/') || gated.url === '/not-found']).toEqual([what, true])
            continue
          }
          expect([what, gated.url]).toEqual([what, spelling])
          const role = ROLES.find((one) => one === caller)
          const may =
            found.access === 'anyone' ||
            (role !== undefined && found.access !== 'half' && permits(found.access, role, () => false)) ||
            (caller === 'locked' && found.access === 'held') ||
            (caller === 'half' && found.access === 'half')
          expect([what, may]).toEqual([what, true])
        }
      }
    }
    expect(served).toBeGreaterThan(200)
  })
})
