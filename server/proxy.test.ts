import fc from 'fast-check'
import { NextRequest } from 'next/server'
import { describe, expect, it } from 'vitest'
import { proxy } from '../proxy'

const HOST = 'localhost:3100'
const asked = (path: string, { method = 'GET', host = HOST, ...headers }: Record<string, string> = {}) =>
  proxy(new NextRequest(`http://${HOST}${path}`, { method, headers: { host, ...headers } }))
/** Passed on to a page or a route, not answered here. */
const passed = (path: string, more?: Record<string, string>) => asked(path, more).headers.get('x-middleware-next') === '1'

describe('what stands before every page and route', () => {
  it('answers under its own names alone, whatever the port', () => {
    for (const host of ['localhost', 'localhost:80', '127.0.0.1:3100', '[::1]:3100']) expect(passed('/today', { host })).toBe(true)
    for (const host of ['elsewhere.example', 'localhost.elsewhere.example:3100', '10.0.0.1']) expect(asked('/today', { host }).status).toBe(421)
  })

  it('pages are only read; what changes something has a route of its own', () => {
    for (const path of ['/today', '/settings/rules', '/exam/any/bench', '/library/slump']) {
      expect(passed(path)).toBe(true)
      for (const method of ['POST', 'PUT', 'DELETE', 'PATCH']) expect(asked(path, { method }).status).toBe(405)
    }
    for (const path of ['/do/start-person', '/exchange/import', '/exam/any/events', '/exam/any/pair', '/devices/any']) {
      expect(passed(path, { method: 'POST' })).toBe(true)
      expect(asked(path, { method: 'DELETE' }).status).toBe(405)
    }
    expect(asked('/exam/any/events/more', { method: 'POST' }).status).toBe(405)
  })

  it('there are no server actions, so nobody may ask for one', () => {
    expect(asked('/today', { method: 'POST', 'next-action': '40af' }).status).toBe(405)
    expect(asked('/do/start-person', { method: 'POST', 'next-action': '40af' }).status).toBe(405)
  })

  it('an address that nobody can read is refused with what to do, not thrown at later', async () => {
    for (const path of ['/exam/%/note', '/library/%E0%A4%A', '/exam/%00/bench', '/today?find=%C3']) {
      const answer = asked(path)
      expect(answer.status).toBe(400)
      expect(await answer.json()).toEqual({ what: 'This address cannot be read.', kept: expect.any(String) as string, do: 'Open it from Today.' })
    }
  })

  it('every page has a nonce of its own in a policy that lets nothing in from outside', () => {
    const policies = [1, 2].map(() => asked('/today').headers.get('content-security-policy') ?? '')
    expect(policies[0]).not.toBe(policies[1])
    for (const policy of policies) {
      const sources = new Map(policy.split('; ').map((rule) => [rule.split(' ')[0], rule.split(' ').slice(1)]))
      expect(sources.get('default-src')).toEqual(["'self'"])
      expect(sources.get('script-src')).not.toContain("'unsafe-inline'")
      expect(sources.get('frame-ancestors')).toEqual(["'none'"])
      expect(policy).not.toMatch(/https?:|\*/)
    }
  })

  it('refused or passed, no address makes it throw, and every answer forbids guessing its kind', () => {
    fc.assert(
      fc.property(fc.webPath(), fc.constantFrom('GET', 'POST', 'DELETE', 'OPTIONS'), (path, method) => {
        const answer = asked(path || '/', { method })
        expect([200, 400, 405]).toContain(answer.status)
        expect(answer.headers.get('x-content-type-options')).toBe('nosniff')
      }),
    )
  })
})
