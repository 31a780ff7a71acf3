// Sets process.env.DUST_LANTERN_DEMO = through the clinic on disk: these tests stand alone.
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { clinicOnDisk } from '../tests/clinic-on-disk'
import { type Gated, gate, isInternalHeader } from './gate'

clinicOnDisk({ DUST_LANTERN_DEMO: 'yes', TRUSTED_PROXY: '10.0.0.2', ALLOWED_HOSTS: 'clinic.lan' })

const NOW = Date.UTC(2026, 10, 26, 9)
interface How {
  readonly method?: string
  readonly from?: string
  readonly headers?: Record<string, string>
}
const asked = (url: string, { method = 'GET', from = '127.0.0.1', headers = {} }: How = {}): Gated =>
  gate({ method, url, headers: { host: 'localhost:3100', ...headers }, socket: { remoteAddress: from } }, NOW)
const status = (gated: Gated) => (gated.pass ? 0 : gated.status)

describe('the gate before every page and route', () => {
  it('answers under its own names alone, whatever the port', () => {
    for (const host of ['localhost', 'localhost:80', '127.0.0.1:3100', '[::1]:3100', 'clinic.lan'])
      expect(status(asked('/today', { headers: { host } }))).toBe(0)
    for (const host of ['elsewhere.example', 'localhost.elsewhere.example:3100', '10.0.0.1', ''])
      expect(status(asked('/today', { headers: { host } }))).toBe(421)
  })

  it('believes what a proxy forwards only from one of ours, and of a list only what that one saw', () => {
    const forwarded = { 'x-forwarded-host': 'elsewhere.example', 'x-forwarded-for': '6.6.6.6, 192.0.2.9', 'x-forwarded-proto': 'https' }
    const plain = asked('/today', { headers: forwarded })
    expect(plain.pass && plain.request['x-lantern-address']).toBe('127.0.0.1')
    expect(plain.pass && plain.request['x-lantern-secure']).toBe('no')
    expect(status(asked('/today', { from: '10.0.0.2', headers: forwarded }))).toBe(421)
    const ours = asked('/today', { from: '::ffff:10.0.0.2', headers: { ...forwarded, 'x-forwarded-host': 'clinic.lan' } })
    expect(ours.pass && ours.request).toMatchObject({ 'x-lantern-address': '192.0.2.9', 'x-lantern-secure': 'yes', host: 'clinic.lan' })
    expect(ours.pass && ours.response['strict-transport-security']).toMatch('max-age')
  })

  it('pages are only read; what changes something has a route of its own', () => {
    for (const path of ['/today', '/settings/rules', '/exam/any/bench', '/library/slump', '/sign-in']) {
      expect(status(asked(path))).toBe(0)
      for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'TRACE', 'CONNECT']) expect(status(asked(path, { method }))).toBe(405)
    }
    for (const path of ['/do/start-person', '/exchange/import', '/exam/any/events', '/exam/any/pair', '/devices/any']) {
      expect(status(asked(path, { method: 'POST' }))).toBe(0)
      expect(status(asked(path, { method: 'DELETE' }))).toBe(405)
    }
    expect(status(asked('/do/start-person', { method: 'POST', headers: { 'next-action': '40af' } }))).toBe(405)
    expect(status(asked('/today', { headers: { 'x-middleware-subrequest': 'middleware' } }))).toBe(405)
  })

  it('an address that nobody can read is refused with what to do, not thrown at later', () => {
    for (const path of [
      '/exam/%/note',
      '/library/%E0%A4%A',
      '/exam/%00/bench',
      '/today?find=%C3',
      '//elsewhere.example/x',
      '/a\\b',
      'http://elsewhere.example/',
      '*',
      '/_next/../settings/trail',
      '/sign-in/%2e%2e/settings/trail',
      '/library/..%2fsettings%2ftrail',
      '/%73ettings/trail',
      '/settings/trail#x',
      '/today?nxtPexamId=x',
    ]) {
      const answer = asked(path)
      expect(status(answer), path).toBe(400)
      expect(answer.pass ? {} : JSON.parse(answer.body)).toMatchObject({ what: 'This address cannot be read.', do: 'Open it from Today.' })
    }
    expect(status(asked(`/today?find=${'x'.repeat(9000)}`))).toBe(414)
  })

  it('the framework is given the path that access was decided on, and what no route serves under one name', () => {
    const served = (url: string) => {
      const gated = asked(url)
      return gated.pass ? gated.url : null
    }
    expect(served('/exam/any/bench?a=1')).toBe('/exam/any/bench?a=1')
    expect(served('/_next/static/chunks/a.js')).toBe('/_next/static/chunks/a.js')
    for (const url of ['/nothing', '/settings/trail.rsc', '/exam/any/record.json', '/settings/trail.segments/_tree.segment.rsc'])
      expect(served(url)).toBe('/not-found')
    for (const url of ['/_next/data/build/settings/trail.json', '/_next/image?url=%2Ftoday&w=64&q=75']) expect(status(asked(url))).toBe(404)
    expect(status(asked('/today/'))).toBe(308)
    for (const name of ['x-nextjs-data', 'x-matched-path', 'x-invoke-path', 'x-now-route-matches', 'x-lantern-address', 'x-forwarded-host'])
      expect(isInternalHeader(name), name).toBe(true)
    for (const name of ['rsc', 'next-router-prefetch', 'next-router-state-tree', 'cookie', 'accept']) expect(isInternalHeader(name), name).toBe(false)
  })

  it('every page has a nonce of its own in a policy that lets nothing in from outside, and is kept by nothing', () => {
    const pages = [1, 2].map(() => asked('/today')).flatMap((gated) => (gated.pass ? [gated.response] : []))
    expect(pages[0]?.['content-security-policy']).not.toBe(pages[1]?.['content-security-policy'])
    for (const page of pages) {
      const policy = page['content-security-policy'] ?? ''
      const sources = new Map(policy.split('; ').map((rule) => [rule.split(' ')[0], rule.split(' ').slice(1)]))
      expect(sources.get('default-src')).toEqual(["'self'"])
      expect(sources.get('script-src')).not.toContain("'unsafe-inline'")
      expect(sources.get('frame-ancestors')).toEqual(["'none'"])
      expect(policy).not.toMatch(/https?:|\*/)
      expect(page['cache-control']).toMatch(/^no-store/)
    }
  })

  it('refused or passed, no request makes it throw, and every answer forbids guessing its kind', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.webPath(), fc.string({ unit: 'binary' })),
        fc.constantFrom('GET', 'POST', 'DELETE', 'OPTIONS', 'x'),
        fc.dictionary(fc.constantFrom('host', 'cookie', 'x-forwarded-for', 'origin', 'rsc'), fc.string({ unit: 'binary' })),
        (path, method, headers) => {
          const answer = asked(path, { method, headers })
          expect([0, 303, 308, 400, 401, 403, 404, 405, 414, 421]).toContain(status(answer))
          expect((answer.pass ? answer.response : answer.headers)['x-content-type-options']).toBe('nosniff')
        },
      ),
    )
  })
})
