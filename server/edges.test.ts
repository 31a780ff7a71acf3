import { describe, expect, it } from 'vitest'
import { sorePelvis } from '../tests/people'
import { isOwnHost, readEnvironment } from './environment'
import { loggable } from './log'
import { route } from './route'
import { readSent } from './sent-events'

const post = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:4321/x', { method: 'POST', body, headers: { host: '127.0.0.1:4321', ...headers } })
const echo = route('/exchange/people', { as: 'json' }, ({ body }) => Response.json({ got: body }))
const none = { params: Promise.resolve({}) }

describe('a route', () => {
  it('takes JSON from this site and from the clinic’s own tools, with headers and a number on every answer', async () => {
    for (const headers of [{}, { origin: 'http://127.0.0.1:4321' }]) {
      const answer = await echo(post('{"a":1}', headers), none)
      expect(answer.status).toBe(200)
      expect(await answer.json()).toEqual({ got: { a: 1 } })
      expect(answer.headers.get('x-content-type-options')).toBe('nosniff')
      expect(answer.headers.get('cache-control')).toBe('no-store')
      expect(answer.headers.get('x-request-id')).toMatch(/^[0-9a-f-]{36}$/)
    }
  })

  it.each([
    [400, '{', {}],
    [400, '{"a":"\\u0000"}', {}],
    [403, '{}', { origin: 'http://elsewhere.example' }],
    [403, '{}', { origin: 'null' }],
    [403, '{}', { 'sec-fetch-site': 'cross-site' }],
    [413, `"${'x'.repeat(1_000_001)}"`, {}],
    [421, '{}', { host: 'rebound.example' }],
  ])('answers %i with what, kept and do', async (status, body, headers) => {
    const answer = await echo(post(body, headers), none)
    expect(answer.status).toBe(status)
    const problem = (await answer.json()) as Record<string, string>
    for (const part of ['what', 'kept', 'do']) expect(problem[part]).toMatch(/\.$/)
  })

  it('stops reading as soon as a body is too large, whatever it said it would be', async () => {
    let given = 0
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        given++
        controller.enqueue(new Uint8Array(64_000).fill(120))
      },
    })
    const request = new Request('http://127.0.0.1:4321/x', {
      method: 'POST',
      body: endless,
      headers: { host: '127.0.0.1:4321' },
      duplex: 'half',
    } as RequestInit)
    expect((await echo(request, none)).status).toBe(413)
    expect(given).toBeLessThan(30)
  })

  it('answers a throw with a problem that quotes nothing of it, and bytes that are no text with 400', async () => {
    const broken = route('/exchange/people', { as: 'json' }, () => {
      throw new Error('the story of somebody')
    })
    const answer = await broken(post('{}'), none)
    expect(answer.status).toBe(500)
    expect(await answer.text()).not.toMatch('somebody')
    const bytes = new Request('http://127.0.0.1:4321/x', { method: 'POST', body: new Uint8Array([0xff, 0xfe, 0x22]), headers: { host: '127.0.0.1:4321' } })
    expect((await echo(bytes, none)).status).toBe(400)
  })
})

describe('the log', () => {
  it('tells where an error was thrown and never what it said', () => {
    const told = loggable(new TypeError('Wenna Saltmarsh, 3 of 10'))
    expect(told.kind).toBe('TypeError')
    expect(told.at.length).toBeGreaterThan(0)
    expect(JSON.stringify(told)).not.toMatch('Wenna')
  })
})

describe('the environment', () => {
  it('is loopback unless it is told otherwise, and says what is wrong with it', () => {
    const plain = readEnvironment({})
    expect(plain.dataFolder).toBe('data')
    for (const host of ['127.0.0.1:4321', 'localhost', '[::1]:4321', 'LOCALHOST:1']) expect(isOwnHost(host, plain.hosts), host).toBe(true)
    for (const host of ['rebound.example', '192.0.2.7:4321', null]) expect(isOwnHost(host, plain.hosts), String(host)).toBe(false)
    expect(isOwnHost('clinic.lan:4321', readEnvironment({ ALLOWED_HOSTS: 'clinic.lan, other.lan' }).hosts)).toBe(true)
    expect(isOwnHost('192.0.2.7:4321', readEnvironment({ HOST_ADDRESS: '192.0.2.7' }).hosts)).toBe(true)
    expect(() => readEnvironment({ LOG_LEVEL: 'loud' })).toThrow('LOG_LEVEL is one of')
    expect(() => readEnvironment({ ALLOWED_HOSTS: 'a;b' })).toThrow('ALLOWED_HOSTS')
  })
})

const NOW = Date.UTC(2026, 10, 25)

describe('reading sent events', () => {
  const { events } = sorePelvis()

  it('puts the signed-in practitioner on every event, whatever the window says', () => {
    const read = readSent({ after: 2, events: [{ ...events[0], by: 'somebody-else' }] }, 'maren-oake', NOW)
    expect(read).toMatchObject({ ok: true, sent: { after: 2, events: [{ by: 'maren-oake' }] } })
  })

  it.each([
    [{ events }, 'after'],
    [{ after: -1, events }, 'after'],
    [{ after: 0, events: [] }, 'events'],
    [{ after: 0, events, more: 1 }, 'more'],
    [null, 'null'],
    ['text', 'object'],
  ])('refuses %#', (input, about) => {
    const read = readSent(input, 'maren-oake', NOW)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.problem.what).toMatch(about)
  })

  it('tells each event that is none or has an impossible time, and holds the others back for none of them', () => {
    const good = events[1]
    const read = readSent(
      { after: 0, events: [null, 7, { ...good, at: 9e15 }, { ...good, at: NOW + 2 * 86_400_000 }, { ...good, at: -3e12 }, good] },
      'maren-oake',
      NOW,
    )
    expect(read.ok && read.sent.events).toEqual([{ ...good, by: 'maren-oake' }])
    expect(read.ok && read.sent.refused.map((r) => r.id)).toEqual(['', '', good?.id, good?.id, good?.id])
  })
})
